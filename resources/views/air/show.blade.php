@inject('format', 'App\Words\Formatter')
@use('App\Time\ShopTime')
@php($shop = $floor->shop)
<x-layouts.app :title="__('app.rooms.air')">
<div class="page air-page">
    <header class="page-head"><h1>{{ __('app.rooms.air') }}</h1>
        <p class="num">
            @if ($reading = $floor->lastReading)
                @say('air.last', [
                    'c' => $format->celsius($reading->air_c), 'ago' => $format->span($floor->readingAgeMin()),
                    'source' => $format->word('source', $reading->source),
                ])
            @else
                {{ __('air.none') }}
            @endif
        </p>
    </header>
    @include('bench.left-out')
    <section class="card">
        <x-drawing.air-chart :chart="$chart" :coldest="$coldest" />
        <details class="as-table"><summary>{{ __('app.as_table') }}</summary>
            <x-table :columns="__('air.columns')">
                @foreach ($readings->reverse()->whereNull('left_out_because')->take(12) as $reading)
                    <tr>
                        <td>{{ $format->when(ShopTime::minutes($reading->measured_at)) }}</td>
                        <td>{{ $format->celsius($reading->air_c) }}</td>
                        <td>{{ $format->word('source', $reading->source) }}
                            @can('takeBack', $reading)
                                <form method="post" action="{{ route('air.back', $reading) }}">
                                    @marks @method('DELETE')
                                    <button class="btn quiet">{{ __('air.take_back') }}</button>
                                </form>
                            @endcan</td>
                    </tr>
                @endforeach
                @foreach ($expected as $minute => $c)
                    <tr><td>{{ $format->when($minute) }}</td><td>{{ $format->celsius($c) }}</td><td>{{ __('air.expected') }}</td></tr>
                @endforeach
            </x-table>
        </details>
    </section>
    <div class="air-cards">
        @include('air.probe')
        <section class="card" aria-labelledby="csv-title">
            <h2 id="csv-title">{{ __('air.file_title') }}</h2>
            <p>@say('air.file_what')</p>
            <form method="post" action="{{ route('air.import') }}" enctype="multipart/form-data">
                @marks
                <x-field name="file" :label="__('air.file')" type="file" accept=".csv,text/csv,text/plain" />
                <x-field name="zone" :label="__('air.zone')" :value="$shop->zone" list="zones" />
                <datalist id="zones">@foreach (['UTC', $shop->zone] as $zone)<option value="{{ $zone }}">@endforeach</datalist>
                <button class="btn">{{ __('air.take') }}</button>
            </form>
        </section>
        <section class="card" aria-labelledby="points-title">
            <h2 id="points-title">{{ __('air.forecast') }}</h2>
            @if ($points === [])
                <p>@say('air.no_points', ['url' => route('shop.edit')])</p>
            @else
                <p>{{ trans_choice('air.points', count($points), [
                    'from' => $format->when(min($points)), 'to' => $format->when(max($points)),
                ]) }}</p>
                <form method="post" action="{{ route('air.forget') }}">
                    @marks @method('DELETE')
                    <button class="btn quiet">{{ __('air.forget') }}</button>
                </form>
            @endif
            <p class="soft">{{ __('air.fades') }}</p>
        </section>
    </div>
</div>
</x-layouts.app>
