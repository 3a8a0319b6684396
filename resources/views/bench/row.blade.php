{{-- A line: what, one time, one button. The rest is on the part's own page. --}}
@inject('format', 'App\Words\Formatter')
@php([$planned, $part, $next, $step] = [$call->planned, $call->planned->part, $call->next, $call->step])
<article @class(['row-call', 'is-'.$next->state->value, 'is-second' => $second ?? false]) @figure($part->id, 'next', $step->step->key)>
    <x-tag :part="$part" />
    <div class="row-what">
        <h3><a href="{{ route('parts.show', $part) }}">{{ $call->title() }}</a></h3>
        <p class="soft" @figure($part->id, $step->step->key.'.hands', $step->handsMin)>{{ implode(' · ', array_filter([
            $part->name, $format->span($step->handsMin), 
            $call->isMixed() ? $format->mixed($step->batch->totalG(), $step->batch->ratio) : null,
            $call->leavesOnWorst(),
        ])) }}</p>
        @includeWhen($call->cupUseBy() !== null, 'bench.cup-clock')
        <x-findings :of="$call->noMix()" />
        @if ($who = App\Planning\WhoHasIt::of($planned))
            <p class="who">{{ __('bench.who', ['name' => $who->user->name, 'at' => $format->when($who->sinceMin)]) }}</p>
        @endif
        @foreach ($call->stoppedBy() as $stop)
            <p class="finding is-warn"><b>{{ $call->wordOf($stop) }}</b> {{ __('bench.stopped') }}</p>
        @endforeach
    </div>
    <p class="row-when num">
        <b @if ($call->is('open')) @figure($part->id, 'closes', $next->changesAtMin()) @endif>{{ $call->timeWords() }}</b>
        @if ($call->mayBeginNow())<small>{{ __('bench.may_begin') }}</small>@endif
        @if ($call->letGoBy())<small class="lost">{{ __('bench.row_let_go', ['at' => $format->when($call->letGoBy())]) }}</small>@endif
        @if ($was = $planned->wasToBegin())<small>{{ __('bench.row_was', ['at' => $format->when($was)]) }}</small>@endif</p>
    <div class="row-acts">
        @if ($call->stoppedBy() !== [])
            <a class="btn" href="{{ route('defects.show', [$part, $call->stoppedBy()[0]->id]) }}"
                >{{ __('bench.decide') }}<x-of :name="$call->name()" /></a>
        @else
            <x-step-acts :call="$planned" one :remind-at="$call->remindAtMin()" :reminder="$call->reminder()" />
        @endif
    </div>
</article>
