@inject('format', 'App\Words\Formatter')
@php([$planned, $part, $next, $step] = [$call->planned, $call->planned->part, $call->next, $call->step])
<article class="row-call is-{{ $next->state->value }}" @figure($part->id, 'next', $step->step->key)>
    <x-tag :part="$part" />
    <div class="row-what">
        <h3><a href="{{ route('parts.show', $part) }}">{{ $call->title() }}</a></h3>
        <p class="soft" @figure($part->id, $step->step->key.'.hands', $step->handsMin)>{{ implode(' · ', array_filter([
            $part->name, $format->span($step->handsMin), $call->isMixed() ? $format->grams($step->batch->totalG()) : null,
            $call->leavesOnWorst(),
        ])) }}</p>
        <x-findings :of="$call->noMix()" />
        @includeWhen($call->hasFreshLook(), 'bench.look')
        @if (App\Planning\WhoHasIt::of($planned))@include('bench.who')@endif
        @includeWhen($call->cupUseBy() !== null, 'bench.cup-clock')
        @can('work', $part)@includeWhen($call->leftoverOf() !== null, 'bench.cup-left')@endcan
    </div>
    <p class="row-when num">
        @switch($next->state->value)
            @case('waiting') @say('bench.row_ready', ['at' => $format->when($next->changesAtMin())]) @break
            @case('missed_wait') @say('bench.row_sandable', ['at' => $format->when($next->keyFromMin)]) @break
            @case('open') <span
                @figure($part->id, 'closes', $next->changesAtMin())
            ></span>@say('bench.row_bonds', ['at' => $format->when($next->changesAtMin())]) @break
            @default {{ $format->state($next, $planned->floor->nowMin) }}
        @endswitch
        @if ($between = $call->waitsBetween())<small>{{ __('bench.row_between', ['spread' => $between]) }}</small>@endif
        @if ($ahead = $call->mixAhead('ready', 'keyed'))
            <small>{{ __($ahead->atMin === null ? 'bench.row_opens_alone' : 'bench.row_opens', [
                'step' => lcfirst($format->step($ahead->next->step)),
                'between' => $format->between($ahead->window->opens->expectedMin, $ahead->window->closes->expectedMin),
            ]) }}</small>
        @endif
        @if ($call->letGoBy())<small>{{ __('bench.row_let_go') }}</small>@endif
        @if ($was = $planned->wasToBegin())
            <small>{{ __('bench.row_was', ['at' => $format->when($was)]) }}</small>
        @elseif ($at = $call->laterAt())
            <small>{{ __('bench.row_sheet', ['at' => $format->when($at)]) }}</small>
        @endif
    </p>
    <div class="row-acts">
        @if ($remindAt = $call->remindAtMin())
            <button type="button" class="btn quiet remind" aria-pressed="false"
                data-remind="{{ $part->id }}-{{ $step->step->key }}-{{ $next->state->value }}" data-at="{{ (int) round(60 * $remindAt) }}"
                data-words="{{ $call->reminder() }}">{{ __('bench.remind') }}</button>
        @endif
        @if ($call->stoppedBy() !== [])
            @include('bench.stopped', ['stops' => $call->stoppedBy()])
        @else
            <x-step-acts :call="$planned" />
        @endif
    </div>
</article>
