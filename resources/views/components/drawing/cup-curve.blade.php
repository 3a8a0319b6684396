@props(['curve'])
<svg viewBox="0 0 {{ $curve::WIDTH }} {{ $curve::HEIGHT }}" role="img" aria-labelledby="cup-title cup-desc" class="heat-curve cup-curve">
    <title id="cup-title">{{ __('weigh.curve.title') }}</title>
    <desc id="cup-desc">{{ __('weigh.curve.text') }}</desc>
    @foreach ($curve->degrees as $tick)
        <path d="M40 {{ $tick['y'] }}H{{ $curve::WIDTH - 12 }}" class="tick-line"/>
        <text x="36" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>
    @endforeach
    @foreach ($curve->minutes as $tick)
        <text x="{{ $tick['x'] }}" y="{{ $curve::HEIGHT - 10 }}" text-anchor="middle" class="axis">{{ $tick['label'] }}</text>
    @endforeach
    @if ($curve->warmY !== null)<path d="M40 {{ $curve->warmY }}H{{ $curve::WIDTH - 12 }}" class="heat-limit"/>@endif
    @if ($curve->gelX !== null)
        <path d="M{{ $curve->gelX }} 10V{{ $curve::HEIGHT - 28 }}" class="gel-line"/>
        <text x="{{ $curve->gelX - 4 }}" y="20" text-anchor="end" class="axis">{{ __('weigh.curve.gels') }}</text>
    @endif
    <path d="{{ $curve->tray }}" class="tray-line"/>
    <path d="{{ $curve->cup }}" class="heat-line"/>
    @if ($curve->nowX !== null)<path d="M{{ $curve->nowX }} 6V{{ $curve::HEIGHT - 24 }}" class="now-line"/>@endif
</svg>
