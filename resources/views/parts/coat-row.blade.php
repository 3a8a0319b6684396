@php($section = ['part' => $part, 'after' => $step->step->key])
<li @class(['coat-row', 'is-done' => $step->isDone(), 'is-next' => $row->isNext, "is-{$row->state()}" => $row->isNext])>
    <span class="swatch swatch-{{ $row->swatch() }}" aria-hidden="true"></span>
    <div class="coat-what">
        @if ($row->isInSection())
            <a href="{{ route('parts.show', $section) }}#section" hx-get="{{ route('parts.show', $section) }}" hx-select="#section"
                hx-target="#section" hx-swap="outerHTML" title="{{ __('parts.show_section') }}">{{ $format->step($step->step) }}</a>
        @else
            {{ $format->step($step->step) }}
        @endif
        @foreach ($row->asides() as $aside) <span class="soft">{{ $aside }}</span>@endforeach
        @foreach ($row->notes() as $note)<small>{{ $note }}</small>@endforeach
    </div>
    <span class="num coat-when"
        @if ($start = $row->startMin()) @figure($part->id, $step->step->key.'.start', $start) @endif>{{ $row->when() }}</span>
    <span class="num coat-how">
        @if ($step->usedG)
            {{ $format->grams($step->usedG) }}
        @elseif ($step->batch && ! $step->skipped)
            <span
                @figure($part->id, $step->step->key.'.grams', $step->batch->totalG())
            >{{ $format->grams($step->batch->totalG()) }}</span><small>{{
                $format->grams($step->batch->resinG) }} + {{ $format->grams($step->batch->hardenerG) }}</small>
        @else
            <span @figure($part->id, $step->step->key.'.hands', $step->handsMin)>{{ $format->span($step->handsMin) }}</span>
        @endif
    </span>
    <details class="coat-more">
        <summary><span class="visually-hidden">{{ __('parts.more_on', ['step' => $format->step($step->step)]) }}</span></summary>
        <p>{{ $format->stepDo($step->step) }}</p>
        <p class="cue">{{ $format->cue($step->step) }}</p>
        <p class="soft num">{{ __('parts.hands', [
            'span' => $format->span($step->handsMin),
        ]) }}@if ($step->batch) · {{ $format->batch($step->batch) }}@endif</p>
        @if ($step->batch)@include('bench.why-grams')@endif
        <x-cautions :step="$step->step" />
    </details>
</li>
