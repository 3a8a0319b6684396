@php($until = $floor->work->opensAfter($closes ?? $floor->nowMin))
@if ($until)
@php($cold = $floor->air->coldestBetween($floor->nowMin, $until))
<section class="card" aria-labelledby="night-title">
    <h2 id="night-title">Night</h2>
    <p>Coldest {{ $say->celsius($cold['celsius']) }} {{ $say->when($cold['minute']) }}. Hands are back {{ $say->when($until) }}.</p>
    <ul class="night-list">
    @foreach ($nights as $night)
        <li><x-tag :part="$night->planned->part" class="small" /> {{ $say->word('event', $night->event) }} <b>{{ $say->when($night->at->expectedMin) }}</b>, {{ $say->when($night->steadyMin) }} if it stayed at 20 °C.
            @if ($night->full->expectedMin !== null && $night->full->expectedMin - $night->fullSteadyMin > 720)<span class="soft">Full cure {{ $say->date($night->full->expectedMin) }}, {{ $say->span($night->full->expectedMin - $night->fullSteadyMin) }} later than at 20 °C{{ $night->stallC !== null && $cold['celsius'] < $night->stallC ? '; below '.round($night->stallC, 1).' °C it stands still' : '' }}.</span>@elseif ($night->full->expectedMin === null)<span class="soft">Full cure does not come in this air{{ $night->stallC !== null ? ': below '.round($night->stallC, 1).' °C it stands still' : '' }}. Warm it for a day.</span>@endif</li>
    @endforeach
    </ul>
</section>
@endif
