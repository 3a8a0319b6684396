@inject('format', 'App\Words\Formatter')
@php([$part, $next, $plan] = [$call->part, $call->next, $call->plan])
@php($step = $next->step)
@php($coat = $plan->lastCoat())
@php($time = $call->schedule->slot($step->step->key))
<article class="row-call is-{{ $next->state->value }}">
    <x-tag :part="$part" />
    <div class="row-what">
        <h3><a href="{{ route('parts.show', $part) }}">{{ $next->state->value === 'key_first' ? 'Key first, then '.lcfirst($format->step($step->step)) : $format->step($step->step) }}</a></h3>
        <p class="soft">{{ $part->name }} · {{ $format->span($step->handsMin) }}@if ($step->batch) · {{ $format->grams($step->batch->totalG()) }}@endif @if ($step->step->kind->value === 'flat' && $step->worst()) · leaves {{ $format->um($step->worst()->left()->inMicrometres()) }} on {{ $step->worst()->zone->name }}@endif</p>
    </div>
    <p class="row-when num">
        @switch($next->state->value)
            @case('waiting') ready <b>{{ $format->when($next->changesAtMin()) }}</b> @break
            @case('missed_wait') sandable <b>{{ $format->when($next->keyFromMin) }}</b> @break
            @case('open') bonds until <b>{{ $format->when($next->changesAtMin()) }}</b> @break
            @default {{ $format->state($next, $call->floor->nowMin) }}
        @endswitch
        @if ($next->state->value === 'waiting' && $next->step->step->follow->coat !== null)<small>between {{ $format->spread($next->window?->opens ?? $next->ready) }}</small>@endif
        @php($ahead = in_array($next->state->value, ['ready', 'keyed'], true) ? $call->mixAhead() : null)
        @if ($ahead)<small>opens {{ lcfirst($format->step($ahead->next->step)) }} {{ $format->between($ahead->window->opens->expectedMin, $ahead->window->closes->expectedMin) }}@if ($ahead->atMin === null), nobody there @endif</small>@endif
        @if ($next->state->value === 'open' && $time && $time->startMin > $next->changesAtMin())<small>the sheet lets it go by</small>@endif
        @if ($call->wasToBegin() !== null)<small>was to begin {{ $format->when($call->wasToBegin()) }}</small>@elseif ($time && $time->startMin > $call->floor->nowMin + 10)<small>run sheet {{ $format->when($time->startMin) }}</small>@endif
    </p>
    <div class="row-acts">
    @if ($next->changesAtMin() !== null && in_array($next->state->value, ['waiting', 'missed_wait', 'open'], true))
        @php($remindAt = $next->state->value === 'open' ? max($call->floor->nowMin, ($next->window->sure()['until'] ?? $next->changesAtMin()) - 15) : $next->changesAtMin())
        <button type="button" class="btn quiet remind" aria-pressed="false" data-remind="{{ $part->id }}-{{ $step->step->key }}-{{ $next->state->value }}" data-at="{{ (int) round(60 * $remindAt) }}" data-words="{{ $part->letter }}: {{ $format->step($step->step) }}, {{ $next->state->value === 'open' ? 'the sure part of its window ends soon' : 'its time has come' }}">Remind me</button>
    @endif
    @include('bench.acts', ['primary' => false])
    </div>
</article>
