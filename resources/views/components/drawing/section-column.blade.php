@props(['column', 'crownsY', 'namesY'])
@inject('format', 'App\Words\Formatter')
@php([$x, $width, $planeY] = [$column['x'], $column['width'], $column['planeY']])
@php($middle = $x + $width / 2)
<rect x="{{ $x }}" y="{{ $column['base']['y'] }}" width="{{ $width }}" height="{{ $column['base']['height'] }}" class="base-layer"/>
<path d="{{ $column['weave'] }}" fill="url(#tow)"/>
@foreach ($column['layers'] as $layer)
    <path d="{{ $layer['path'] }}" @class(['resin', 'resin-'.min(9, $layer['index']), 'is-ahead' => ! $layer['isDone']])/>
@endforeach
@if ($column['bareY'] !== null)
    <path d="M{{ $x }} {{ $column['bareY'] }}h{{ $width }}" class="bare-line"/>
    <text x="{{ $middle }}" y="{{ $column['bareY'] - 6 }}" text-anchor="middle" class="bare-word">{{ __('section.bare') }}</text>
@endif
@if ($planeY !== null)
    <path d="M{{ $x - 5 }} {{ $planeY }}H{{ $x + $width + 5 }}" class="plane-line"/>
    <path d="M{{ $middle }} {{ $planeY }}V{{ $crownsY }}" class="cover-line"/>
    <g class="pill is-{{ $column['riskClass'] }}">
        <rect x="{{ $middle - 37 }}" y="{{ $column['pillY'] - 13 }}" width="74" height="26" rx="13"/>
        <text x="{{ $middle }}" y="{{ $column['pillY'] + 5 }}" text-anchor="middle">{{ $format->um($column['leftUm']) }}</text>
    </g>
@endif
<text x="{{ $middle }}" y="{{ $namesY }}" text-anchor="middle" class="zone-name">{{ $format->zone($column['state']->zone) }}</text>
