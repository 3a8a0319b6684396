@inject('format', 'App\Words\Formatter')
@php($shop = $floor->shop)
<x-layouts.app title="Air">
<div class="page air-page">
    <header class="page-head"><h1>Air</h1>
        <p class="num">@if ($floor->lastReading) last reading <b>{{ $format->celsius($floor->lastReading->air_c) }}</b>, {{ $format->span($floor->readingAgeMin()) }} ago, {{ $format->word('source', $floor->lastReading->source) }} @else no reading yet @endif</p>
    </header>
    @include('bench.left-out', ['floor' => $floor])
    <section class="card"><x-drawing.air-chart :chart="$chart" :coldest="$coldest" />
        <details class="as-table"><summary>The same as a table</summary>
            <table class="num"><thead><tr><th scope="col">When</th><th scope="col">Air</th><th scope="col">From</th></tr></thead><tbody>
            @foreach ($readings->reverse()->whereNull('left_out_because')->take(12) as $reading)<tr><td>{{ $format->when(App\Time\ShopTime::minutes($reading->measured_at)) }}</td><td>{{ $format->celsius($reading->air_c) }}</td><td>{{ $format->word('source', $reading->source) }}</td></tr>@endforeach
            @foreach (range(3, 48, 3) as $hours)<tr><td>{{ $format->when($floor->nowMin + 60 * $hours) }}</td><td>{{ $format->celsius($floor->air->at($floor->nowMin + 60 * $hours)) }}</td><td>expected</td></tr>@endforeach
            </tbody></table>
        </details>
    </section>
    <div class="air-cards">
        <section class="card" aria-labelledby="probe-title"><h2 id="probe-title">Probe</h2>
            @if ($shop->probeAddress() === null)
                <p>None yet. Any probe that answers HTTP with <code>{"air_c": 17.6, "rh_percent": 54}</code> will do.</p>
            @elseif ($shop->probe_silent_because)
                <p class="finding is-warn" role="status"><b>Silent</b> asked {{ $format->when(App\Time\ShopTime::minutes($shop->probe_asked_at)) }}: {{ $shop->probe_silent_because }}. <span>Plans stand on the last good reading and the day curve.</span></p>
            @elseif ($shop->probe_asked_at && $floor->nowMin - App\Time\ShopTime::minutes($shop->probe_asked_at) > App\Http\Controllers\AirController::ASKED_WITHIN_MIN)
                <p class="finding is-warn" role="status"><b>Not asked</b> since {{ $format->when(App\Time\ShopTime::minutes($shop->probe_asked_at)) }}: what asks it every minute seems to have stopped. <span>Ask it here; who looks after the machine starts <code>php artisan oak:poll-probe --every=60</code> again.</span></p>
            @else
                <p>@if ($shop->probe_asked_at) Asked {{ $format->span(max(0, $floor->nowMin - App\Time\ShopTime::minutes($shop->probe_asked_at))) }} ago. It answers. @else Not asked yet. @endif</p>
            @endif
            <form method="post" action="{{ route('air.poll') }}">@marks<button class="btn" @disabled($shop->probeAddress() === null)>Ask it now</button></form>
            @can('own', App\Models\Shop::class)
            <form method="post" action="{{ route('air.probe') }}" class="one-line" novalidate>@marks @method('PUT')<x-field name="probe_url" label="Its address" :value="$shop->probe_url" inputmode="url" :hint="$shop->probe_url === null && $shop->probeAddress() ? 'Empty: the stand-in at '.$shop->probeAddress() : null" /><button class="btn">Keep</button></form>
            @endcan
            @if ($leftOut->isNotEmpty())
                <h3>Left out</h3>
                <ul class="left-out">@foreach ($leftOut as $reading)<li class="num">{{ $format->when(App\Time\ShopTime::minutes($reading->measured_at)) }} said {{ $reading->said }}: {{ $reading->left_out_because }}</li>@endforeach</ul>
            @endif
        </section>
        <section class="card" aria-labelledby="csv-title"><h2 id="csv-title">From a file</h2>
            <p>CSV with a header: <i>time</i>, <i>°C</i> and, if wanted, <i>%RH</i>, in any order. Past lines are readings, later ones a forecast. One bad line and nothing is taken.</p>
            <form method="post" action="{{ route('air.import') }}" enctype="multipart/form-data">@marks
                <x-field name="file" label="File" type="file" accept=".csv,text/csv,text/plain" />
                <x-field name="zone" label="Zone of times that name none" :value="$shop->zone" list="zones" />
                <datalist id="zones">@foreach (['UTC', $shop->zone] as $zone)<option value="{{ $zone }}">@endforeach</datalist>
                <button class="btn">Take it</button>
            </form>
        </section>
        <section class="card" aria-labelledby="points-title"><h2 id="points-title">Forecast</h2>
            @if ($points === [])<p>The week's day curves. Points that are typed on the <a href="{{ route('shop.edit') }}">shop's page</a> or come from a file replace them between points up to 16 hours apart.</p>
            @else<p>{{ count($points) }} {{ count($points) === 1 ? 'point' : 'points' }}from {{ $format->when(min($points)) }} to {{ $format->when(max($points)) }} stand in place of the day curve between neighbours up to 16 hours apart.</p>
                <form method="post" action="{{ route('air.forget') }}">@marks @method('DELETE')<button class="btn quiet">Back to the day curves</button></form>@endif
            <p class="soft">A reading's difference from it fades with a memory of 4 h (assumed) and moves every window. A part lags behind the air by its own time.</p>
        </section>
    </div>
</div>
</x-layouts.app>
