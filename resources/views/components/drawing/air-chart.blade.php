@props(['chart', 'coldest' => null])
@php([$w, $h] = [App\View\Drawing\AirChart::WIDTH, App\View\Drawing\AirChart::HEIGHT])
<figure class="air-chart">
<div class="table-scroll" tabindex="0" role="group" aria-label="{{ __('air.chart_scroll') }}">
<svg viewBox="0 0 {{ $w }} {{ $h }}" role="img" aria-labelledby="air-chart-title air-chart-desc">
    <title id="air-chart-title">{{ __('air.chart') }}</title>
    <desc id="air-chart-desc">{{ __('air.chart_what') }}</desc>
    <x-drawing.patterns />
    @foreach ($chart->closed as $span)
        <rect x="{{ $span['x'] }}" y="24" width="{{ $span['width'] }}" height="276" fill="url(#night)"/>
    @endforeach
    @foreach ($chart->degrees as $mark)
        <path d="M44 {{ $mark['y'] }}H{{ $w }}" class="tick-line"/>
        <text x="38" y="{{ $mark['y'] + 5 }}" text-anchor="end" class="axis">{{ $mark['label'] }}</text>
    @endforeach
    @foreach ($chart->hours as $mark)
        <path d="M{{ $mark['x'] }} 24V304" class="tick-line"/>
        <text x="{{ $mark['x'] + 3 }}" y="321" class="axis">{{ $mark['label'] }}</text>
    @endforeach
    <text x="4" y="16" class="axis">°C</text>
    @if ($chart->leastY !== null)
        <path d="M44 {{ $chart->leastY }}H{{ $w }}" class="least-line"/>
        <text x="{{ $w - 6 }}" y="{{ $chart->leastY - 5 }}" text-anchor="end"
            class="axis">{{ __('air.no_coat', ['c' => round($coldest, 1)]) }}</text>
    @endif
    @if ($chart->dewY !== null)
        <path d="M44 {{ $chart->dewY }}H{{ $w }}" class="dew-line"/>
        <text x="{{ $w - 6 }}" y="{{ $chart->dewY - 5 }}" text-anchor="end" class="axis">{{ __('air.dew') }}</text>
    @endif
    @foreach ($chart->gaps as $gap)
        <g class="gap">
            <rect x="{{ $gap['x'] }}" y="28" width="{{ $gap['width'] }}" height="14"/>
            @if ($gap['hasRoom'])<text x="{{ $gap['x'] + 5 }}" y="39.5">{{ $gap['words'] }}</text>@endif
            <title>{{ $gap['words'] }}</title>
        </g>
    @endforeach
    <polyline points="{{ $chart->dayCurve }}" class="curve-line"/>
    <polyline points="{{ $chart->expected }}" class="expected-line"/>
    @foreach ($chart->measured as $run)<polyline points="{{ $run }}" class="measured-line"/>@endforeach
    @foreach ($chart->dots as $dot)<circle cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="5" class="hand-dot"/>@endforeach
    @foreach ($chart->lies as $lie)
        <path d="M{{ $lie['x'] - 5 }} 50l10 10m0-10l-10 10"
            class="lie"><title>{{ __('air.chart_left_out', ['words' => $lie['words']]) }}</title></path>
    @endforeach
    <path d="M{{ $chart->nowX }} 22V304" class="now-line"/>
    <text x="{{ $chart->nowX + 5 }}" y="20" class="axis is-now">{{ __('air.now') }}</text>
</svg>
</div>
<figcaption class="soft">@say('air.key')</figcaption>
</figure>
