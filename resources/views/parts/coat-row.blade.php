@php($section = ['part' => $part, 'after' => $step->step->key])
<li @class(['coat-row', 'is-done' => $step->isDone(), 'is-next' => $row->isNext, "is-{$row->state()}" => $row->isNext])>
    <span class="num coat-when"
        @if ($start = $row->startMin()) @figure($part->id, $step->step->key.'.start', $start) @endif>{{ $when }}</span>
    <span class="swatch swatch-{{ $row->swatch() }}" aria-hidden="true"></span>
    <div class="coat-what">
        @if ($row->isInSection())
            <a href="{{ route('parts.show', $section) }}#section" hx-get="{{ route('parts.show', $section) }}"
                hx-trigger="click, mouseenter delay:200ms, focus delay:200ms" hx-sync="#section:replace" hx-target="#section"
                hx-swap="outerHTML" title="{{ __('parts.show_section') }}">{{ $format->step($step->step) }}</a>
        @else
            {{ $format->step($step->step) }}
        @endif
        @foreach ($row->asides() as $aside) <span class="soft">{{ $aside }}</span>@endforeach
        @if ($lost = $row->lost())<small class="lost">{{ $lost }}</small>@endif
        @foreach ($row->minds() as $mind)<small>{{ $mind }}</small>@endforeach
    </div>
    <span class="num coat-how">
        <span @figure($part->id, $step->step->key.'.hands', $step->handsMin)>{{ $format->span($step->handsMin) }}</span>
        @if ($step->usedG)
            <b>{{ $format->mixed($step->usedG, $step->batch->ratio ?? null) }}</b>
        @elseif ($step->batch && ! $step->skipped)
            <b @figure($part->id, $step->step->key.'.grams', $step->batch->totalG())>{{
                $format->mixed($step->batch->totalG(), $step->batch->ratio) }}</b>
        @endif
    </span>
    <details class="coat-more">
        <summary><span class="visually-hidden">{{ __('parts.more_on', ['step' => $format->step($step->step)]) }}</span></summary>
        <p>{{ $format->stepDo($step->step) }}</p>
        <p class="cue">{{ $format->cue($step->step) }}</p>
        @foreach ($row->notes() as $note)<p class="soft num">{{ $note }}</p>@endforeach
        @unless ($step->isDone())
            @if ($step->batch)<p class="soft num">{{ $format->batch($step->batch) }}</p>@include('bench.why-grams')@endif
            <x-cautions :step="$step->step" />
        @endunless
    </details>
</li>
