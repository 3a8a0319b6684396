@props(['chart'])
@use('App\Planning\CheckStands')
<svg viewBox="0 0 {{ App\View\Drawing\PaceChart::WIDTH }} {{ $chart->height }}" class="pace-chart" role="img"
    aria-labelledby="pace-chart-title pace-chart-desc">
    <title id="pace-chart-title">{{ __('shelf.pace.drawing') }}</title>
    <desc id="pace-chart-desc">{{ __('shelf.pace.drawing_what') }}</desc>
    @foreach ($chart->ticks as $tick)
        <path d="M{{ $tick['x'] }} 40V{{ $chart->height - 24 }}" class="tick-line"/>
        <text x="{{ $tick['x'] }}" y="{{ $chart->height - 8 }}" text-anchor="middle" class="axis">{{ $tick['label'] }}</text>
    @endforeach
    @foreach ($chart->events as $n => $event)
        <rect x="{{ $event['from'] }}" y="40" width="{{ max(1, $event['until'] - $event['from']) }}" height="{{ $chart->height - 64 }}"
            class="event-band"/>
        <path d="M{{ $event['x'] }} 36V{{ $chart->height - 24 }}"
            class="event-line event-{{ ['tack_from', 'tack_until', 'sandable'][$n] }}"/>
        <path d="M{{ $event['sheetX'] - 5 }} 32h10l-5 7z" class="sheet-mark"><title>{{ __('shelf.pace.by_sheet') }}</title></path>
        <text x="{{ $event['x'] }}" y="{{ $n === 1 ? 14 : 27 }}" text-anchor="middle" class="axis is-event">{{ $event['label'] }}</text>
    @endforeach
    @foreach ($chart->rows as $row)
        <path d="M0 {{ $row['y'] }}H548" class="tick-line"/>
        <text x="4" y="{{ $row['y'] + 13 }}" class="axis">{{ $row['label'] }}</text>
    @endforeach
    @foreach ($chart->dots as $dot)
        @if ($dot['stands'] === CheckStands::LeftOut)
            <path d="M{{ $dot['x'] - 4 }} {{ $dot['y'] }}l8 8m0-8l-8 8" class="lie"/>
        @else
            <circle cx="{{ $dot['x'] }}" cy="{{ $dot['y'] + 4 }}" r="5"
                @class(['check-dot', 'asks' => $dot['stands'] === CheckStands::Asks])/>
        @endif
    @endforeach
</svg>
