@inject('say', 'App\Words\Say')
@php([$part, $next, $plan] = [$call->part, $call->next, $call->plan])
@php($step = $next->step)
@php($coat = $plan->lastCoat())
@php($time = $call->schedule->slot($step->step->key))
<article class="row-call is-{{ $next->state->value }}">
    <x-tag :part="$part" />
    <div class="row-what">
        <h3><a href="{{ route('parts.show', $part) }}">{{ $next->state->value === 'key_first' ? 'Key first, then '.lcfirst($say->step($step->step)) : $say->step($step->step) }}</a></h3>
        <p class="soft">{{ $part->name }} · {{ $say->span($step->handsMin) }}@if ($step->batch) · {{ $say->grams($step->batch->totalG()) }}@endif @if ($step->step->kind->value === 'flat' && $step->worst()) · leaves {{ $say->um($step->worst()->left()->inMicrometres()) }} on {{ $step->worst()->zone->name }}@endif</p>
    </div>
    <p class="row-when num">
        @switch($next->state->value)
            @case('waiting') ready <b>{{ $say->when($next->changesAtMin()) }}</b> @break
            @case('missed_wait') sandable <b>{{ $say->when($next->keyFromMin) }}</b> @break
            @case('open') bonds until <b>{{ $say->when($next->changesAtMin()) }}</b> @break
            @default any time
        @endswitch
        @if ($next->state->value === 'waiting' && $next->step->step->follow->coat !== null)<small>between {{ $say->spread($next->window?->opens ?? $next->ready) }}</small>@endif
        @if ($time && $time->startMin > $call->floor->nowMin + 10)<small>run sheet {{ $say->when($time->startMin) }}</small>@endif
    </p>
    @include('bench.acts', ['primary' => false])
</article>
