@if ($cases !== [])
<section class="card lock-up" aria-labelledby="lock-up-title">
    <h2 id="lock-up-title">Before you lock up at {{ $format->time()->local($closes)->format('H:i') }}</h2>
    @foreach ($cases as $case)
        @php($planned = $plans[$case['part']])
        @php($step = $planned->plan->step($case['step']))
        <p><x-tag :part="$planned->part" class="small" /> <b>{{ $format->step($step->step) }}</b> @if ($case['opens'] > $closes) would open {{ $format->span($case['opens'] - $closes) }} after closing and be past bonding by {{ $format->when($case['closes']) }}.@else bonds only until {{ $format->when($case['closes']) }} and has no place before closing.@endif</p>
        @foreach ($case['ways'] as $n => $way)
            <form method="post" action="{{ route('ways.take', $planned->part) }}">@marks<input type="hidden" name="way" value="{{ $way->code }}">
                <button @class(['priced', 'is-taken' => $n === 0])><b>{{ $way->words($format) }}</b>
                <span class="num">@if ($way->overMin > 0){{ $format->span($way->overMin) }} over hours · @elseif ($way->code === 'key')+{{ $format->span($way->handsMin - $planned->plan->handsAheadMin()) }} keying · @elseif ($way->code !== 'tomorrow')coat {{ $format->when($way->atMin) }} · @endif @if (abs(($way->readyMin ?? 0) - ($planned->schedule->readyMin() ?? 0)) < 1)ready stays {{ $format->day($way->readyMin) }}@else ready {{ $format->day($way->readyMin) }}@endif @if (abs($way->othersLaterMin) >= 15) · others {{ $format->span(abs($way->othersLaterMin)) }} {{ $way->othersLaterMin > 0 ? 'later' : 'sooner' }}@endif @if ($way->isPlanned) <i>as planned</i>@endif</span></button></form>
        @endforeach
        @if (collect($case['ways'])->contains(fn ($w) => $w->code === 'warm'))<p class="soft">Warm box and lamp: no warmer than shown, never on fresh solvent, nothing left alone that could burn. The sheet's own limit comes first.</p>@endif
    @endforeach
</section>
@endif
