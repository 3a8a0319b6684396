@inject('format', 'App\Words\Formatter')
<x-layouts.app title="Bench">
<div id="bench" hx-get="{{ route('bench') }}" hx-trigger="every 60s, over" hx-select="#live" hx-target="#live" hx-swap="outerHTML">
<div id="live">
    <x-drawing.window-strip :strip="$strip" />
    <div class="bench">
        <div class="bench-main">
            @if ($call = $bench->now())
                @include('bench.now', ['call' => $call])
            @elseif ($bench->calls === [])
                <section class="card calm"><h1>No open part</h1><p>Everything is finished.</p><a class="btn go" href="{{ route('parts.create') }}">New part</a></section>
            @else
                @php($first = $bench->calls[0])
                <section class="card calm"><h1>{{ $bench->couldBegin() ? 'Nothing is due' : 'Nothing wants hands' }}</h1><p>Next: <x-tag :part="$first->part" /> {{ $format->step($first->next->step->step) }}, {{ $format->when($first->slot()->startMin ?? $first->next->changesAtMin()) }}@if ($first->next->step->step->follow->coat !== null), between {{ $format->spread($first->next->window?->opens ?? $first->next->ready) }}@endif.</p></section>
            @endif
            @if ($bench->then() !== [])
            <section class="card then" aria-labelledby="then-title">
                <div class="card-head"><h2 id="then-title">Then</h2><label class="tick tone"><input type="checkbox" id="tone"> tone with reminders</label></div>
                @foreach ($bench->then() as $call)
                    @include('bench.row', ['call' => $call])
                @endforeach
            </section>
            @endif
        </div>
        <aside class="bench-side">
            @include('bench.left-out')
            @include('bench.changes')
            @include('bench.offer')
            @include('bench.lock-up')
            <section class="card" aria-labelledby="air-title">
                <h2 id="air-title">Air</h2>
                @php($reading = $bench->floor->lastReading)
                <div>@if ($reading) Last reading {{ $format->celsius($reading->air_c) }}@if ($reading->rh_percent), {{ round($reading->rh_percent) }} %@endif, {{ $format->span($bench->floor->nowMin - App\Time\ShopTime::minutes($reading->measured_at)) }} ago. @else No reading yet: the times stand on the day curve alone. @endif
                    <x-why what="the air of the next hours"><p>The shop's day curve says {{ $format->celsius($bench->floor->dayCurve->at($bench->floor->nowMin)) }} for now. A reading's difference from it fades with a memory of 4 h (assumed) and moves every window.</p></x-why></div>
                @if ($bench->floor->shop->probe_silent_because && $bench->floor->shop->probeAddress())<p class="finding is-note"><b>Probe silent</b> {{ $bench->floor->shop->probe_silent_because }}. <span><a href="{{ route('air') }}">Air</a></span></p>@endif
                <form class="air-form" method="post" action="{{ route('air.store') }}" hx-disable>
                    @marks
                    @php($bag = $errors->getBag('air'))
                    <div @class(['field', 'is-wrong' => $bag->has('air_c')])><label for="air_c">Air now<span class="unit">°C</span></label><input id="air_c" name="air_c" inputmode="decimal" value="{{ App\View\Old::of('air_c') }}" required @if($bag->has('air_c')) aria-invalid="true" aria-describedby="air_c-more" @endif></div>
                    <div @class(['field', 'is-wrong' => $bag->has('rh_percent')])><label for="rh_percent">Humidity<span class="unit">%</span></label><input id="rh_percent" name="rh_percent" inputmode="decimal" value="{{ App\View\Old::of('rh_percent') }}"></div>
                    <button class="btn">Keep reading</button>
                    @if ($bag->any())<p id="air_c-more" class="more"><strong>{{ $bag->first() }}</strong></p>@endif
                </form>
            </section>
            @include('bench.night', ['floor' => $bench->floor])
        </aside>
    </div>
</div>
</div>
</x-layouts.app>
