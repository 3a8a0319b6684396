@php($until = $floor->work->opensAfter($closes ?? $floor->nowMin))
@if ($until)
@php($cold = $floor->air->coldestBetween($floor->nowMin, $until))
<section class="card" aria-labelledby="night-title">
    <h2 id="night-title">Night</h2>
    <p>Coldest {{ $format->celsius($cold['celsius']) }} {{ $format->when($cold['minute']) }}. Hands are back {{ $format->when($until) }}.</p>
    <ul class="night-list">
    @foreach ($nights as $night)
        <li><x-tag :part="$night->planned->part" class="small" /> {{ $format->word('event', $night->event) }} <b>{{ $format->when($night->at->expectedMin) }}</b>, {{ $format->when($night->steadyMin) }} if it stayed at 20 °C.
            @if ($night->full->expectedMin !== null && $night->full->expectedMin - $night->fullSteadyMin > 720)<span class="soft">Full cure {{ $format->date($night->full->expectedMin) }}, {{ $format->span($night->full->expectedMin - $night->fullSteadyMin) }} later than at 20 °C{{ $night->stallC !== null && $cold['celsius'] < $night->stallC ? '; below '.round($night->stallC, 1).' °C it stands still' : '' }}.</span>@elseif ($night->full->expectedMin === null)<span class="soft">Full cure does not come in this air{{ $night->stallC !== null ? ': below '.round($night->stallC, 1).' °C it stands still' : '' }}. Warm it for a day.</span>@endif</li>
    @endforeach
    </ul>
</section>
@endif
