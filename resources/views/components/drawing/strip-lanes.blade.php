@props(['strip', 'id' => 'strip'])
@inject('format', 'App\Words\Formatter')
@php($w = $strip->width)
<svg viewBox="0 0 {{ $w }} {{ $strip->height }}" role="img" aria-labelledby="{{ $id }}-title {{ $id }}-desc">
    <title id="{{ $id }}-title">{{ __('strip.drawing') }}</title>
    <desc id="{{ $id }}-desc">{{ __('strip.what') }}</desc>
    @if ($id === 'strip')<x-drawing.patterns />@endif
    @foreach ($strip->closed as $span)
        <rect x="{{ $span['x'] }}" y="24" width="{{ max(0, $span['width']) }}" height="{{ $strip->height - 50 }}" fill="url(#night)"/>
    @endforeach
    @foreach ($strip->hours as $hour)
        <path d="M{{ $hour['x'] }} 24V{{ $strip->height - 26 }}" class="hour-line"/>
        <text x="{{ min($w - 36, $hour['x'] + 3) }}" y="16" class="axis">{{ $hour['label'] }}</text>
    @endforeach
    <polyline points="{{ $strip->airPath }}" class="air-line"/>
    @foreach ($strip->lanes as $lane)
        @php([$planned, $y, $next] = [$lane['part'], $lane['y'], $lane['part']->next])
        @foreach ($lane['shapes'] as $shape)
            @php([$x, $u] = [$shape['x'], max($shape['x'] + 1, $shape['until'])])
            @if ($shape['kind'] === 'wet')
                <rect x="{{ $x }}" y="{{ $y }}" width="{{ $u - $x }}" height="24" fill="url(#wet)" class="wet"/>
            @elseif ($shape['kind'] === 'bond')
                <rect x="{{ $x }}" y="{{ $y - 1 }}" width="{{ $u - $x }}" height="26" rx="2" class="bond"/>
                @if ($u - $x > 104)
                    <text x="{{ $x + 8 }}" y="{{ $y + 17 }}"
                        class="on-bond">{{ Str::limit($format->step($next->step->step), 17) }}</text>
                @endif
            @else
                <path d="M{{ $x }} {{ $y + 2 }}L{{ $u }} {{ $y + 10 }}V{{ $y + 14 }}L{{ $x }} {{ $y + 22 }}Z" class="missed"/>
                @if ($shape['label'] === 'ready')
                    <text x="{{ max($strip->nowX + 10, $x + 34) }}" y="{{ $y + 17 }}" class="on-missed">{{ __('strip.curing', [
                        'step' => $format->step($next->step->step), 'at' => $format->when($next->ready->expectedMin),
                    ]) }}</text>
                @endif
            @endif
        @endforeach
        @if ($lane['cup'])
            <path d="M{{ $lane['cup']['x'] }} {{ $y + 27 }}H{{ max($lane['cup']['x'] + 3, $lane['cup']['until']) }}V{{ $y + 20 }}"
                class="cup-line"/>
            <text x="{{ $lane['cup']['until'] + 4 }}" y="{{ $y + 30 }}" class="cup-word">{{ __('strip.cup', [
                'at' => $format->clock($lane['cup']['useBy']) ]) }}</text>
        @endif
        <g class="strip-tag tag-{{ $planned->part->colour }}">
            <rect x="{{ $lane['tagX'] }}" y="{{ $y }}" width="23" height="24" rx="3"/>
            <text x="{{ $lane['tagX'] + 11.5 }}" y="{{ $y + 17 }}" text-anchor="middle">{{ $planned->part->letter }}</text>
        </g>
    @endforeach
    @if ($strip->coldestX > 30 && $strip->coldestX < $w - 30)
        <text x="{{ $strip->coldestX }}" y="{{ $strip->height - 10 }}" text-anchor="middle" class="axis is-air">{{
            __('strip.coldest', ['c' => $format->celsius($strip->coldestC)]) }}</text>
    @endif
    @foreach ($strip->closed as $span)
        @continue($span['width'] <= 220)
        <text x="{{ $span['x'] + 10 }}" y="{{ $strip->height - 10 }}" class="axis">{{ __('strip.closed') }}</text>
    @endforeach
    <path d="M{{ $strip->nowX }} 22V{{ $strip->height - 24 }}" class="now-line"/>
    <g class="now-flag">
        <rect x="{{ $strip->nowX - 24 }}" y="{{ $strip->height - 24 }}" width="48" height="20" rx="2"/>
        <text x="{{ $strip->nowX }}" y="{{ $strip->height - 9 }}" text-anchor="middle">{{ $format->clock($strip->nowMin) }}</text>
    </g>
</svg>
