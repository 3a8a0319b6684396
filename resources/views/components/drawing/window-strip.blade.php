@props(['strip'])
@inject('format', 'App\Words\Formatter')
@php($w = App\View\Drawing\WindowStrip::WIDTH)
<section class="strip" aria-label="Windows of the open parts">
    <div class="strip-scroll" tabindex="0" role="group" aria-label="Windows against time; scroll sideways">
    <svg viewBox="0 0 {{ $w }} {{ $strip->height }}" role="img" aria-labelledby="strip-title strip-desc">
        <title id="strip-title">Windows against time</title>
        <desc id="strip-desc">Dotted while wet, solid while the coat bonds, tapering once missed or curing. The table below tells the same.</desc>
        <defs>
            <pattern id="night" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(52)"><rect width="9" height="9" class="night-ground"/><path d="M0 0V9" class="night-line"/></pattern>
            <pattern id="wet" width="6" height="6" patternUnits="userSpaceOnUse"><rect width="6" height="6" class="wet-ground"/><circle cx="3" cy="3" r="1.15" class="wet-dot"/></pattern>
        </defs>
        @foreach ($strip->closed as $span)<rect x="{{ $span['x'] }}" y="24" width="{{ max(0, $span['width']) }}" height="{{ $strip->height - 50 }}" fill="url(#night)"/>@endforeach
        @foreach ($strip->hours as $hour)
            <path d="M{{ $hour['x'] }} 24V{{ $strip->height - 26 }}" class="hour-line"/>
            <text x="{{ min($w - 36, $hour['x'] + 3) }}" y="16" class="axis">{{ $hour['label'] }}</text>
        @endforeach
        <polyline points="{{ $strip->airPath }}" class="air-line"/>
        @foreach ($strip->lanes as $lane)
            @foreach ($lane['shapes'] as $shape)
                @php([$x, $u, $y] = [$shape['x'], max($shape['x'] + 1, $shape['until']), $lane['y']])
                @if ($shape['kind'] === 'wet')
                    <rect x="{{ $x }}" y="{{ $y }}" width="{{ $u - $x }}" height="24" fill="url(#wet)" class="wet"/>
                @elseif ($shape['kind'] === 'bond')
                    <rect x="{{ $x }}" y="{{ $y - 1 }}" width="{{ $u - $x }}" height="26" rx="2" class="bond"/>
                    @if ($u - $x > 104)<text x="{{ $x + 8 }}" y="{{ $y + 17 }}" class="on-bond">{{ Str::limit($format->step($lane['part']->next->step->step), 17) }}</text>@endif
                @else
                    <path d="M{{ $x }} {{ $y + 2 }}L{{ $u }} {{ $y + 10 }}V{{ $y + 14 }}L{{ $x }} {{ $y + 22 }}Z" class="missed"/>
                    @if ($shape['label'] === 'ready')<text x="{{ max($strip->nowX + 10, $x + 34) }}" y="{{ $y + 17 }}" class="on-missed">curing · {{ $format->step($lane['part']->next->step->step) }} {{ $format->when($lane['part']->next->ready->expectedMin) }}</text>@endif
                @endif
            @endforeach
            <g class="strip-tag tag-{{ $lane['part']->part->colour }}"><rect x="{{ $lane['tagX'] }}" y="{{ $lane['y'] }}" width="23" height="24" rx="3"/><text x="{{ $lane['tagX'] + 11.5 }}" y="{{ $lane['y'] + 17 }}" text-anchor="middle">{{ $lane['part']->part->letter }}</text></g>
        @endforeach
        @if ($strip->coldestX > 30 && $strip->coldestX < $w - 30)<text x="{{ $strip->coldestX }}" y="{{ $strip->height - 10 }}" text-anchor="middle" class="axis is-air">coldest {{ $format->celsius($strip->coldestC) }}</text>@endif
        @foreach ($strip->closed as $span)@if ($span['width'] > 220)<text x="{{ $span['x'] + 10 }}" y="{{ $strip->height - 32 }}" class="axis">shop closed</text>@endif @endforeach
        <path d="M{{ $strip->nowX }} 22V{{ $strip->height - 24 }}" class="now-line"/>
        <g class="now-flag"><rect x="{{ $strip->nowX - 24 }}" y="{{ $strip->height - 24 }}" width="48" height="20" rx="2"/><text x="{{ $strip->nowX }}" y="{{ $strip->height - 9 }}" text-anchor="middle">{{ $format->time()->local($strip->nowMin)->format('H:i') }}</text></g>
    </svg>
    </div>
    <details class="as-table"><summary>The same as a table</summary>
        <table><thead><tr><th scope="col">Part</th><th scope="col">Next</th><th scope="col">Opens</th><th scope="col">Closes</th><th scope="col">Sure part</th><th scope="col">Sandable</th></tr></thead><tbody>
        @foreach ($strip->lanes as $lane)
            @php($next = $lane['part']->next)
            <tr><th scope="row">{{ $lane['part']->part->letter }} {{ $lane['part']->part->name }}</th><td>{{ $format->step($next->step->step) }}</td>
                <td>{{ $format->when($next->window?->opens->expectedMin ?? $next->ready?->expectedMin) }}</td><td>{{ $format->when($next->window?->closes->expectedMin) }}</td>
                <td>{{ $next->window ? $format->sure($next->window) : '–' }}</td><td>{{ $format->when($next->keyFromMin) }}</td></tr>
        @endforeach
        </tbody></table>
    </details>
</section>
