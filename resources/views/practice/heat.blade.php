<section class="card" aria-labelledby="heat-title">
    <h2 id="heat-title">{{ __('practice.heat') }}</h2>
    @if ($heat->lifts === [])<p class="soft">{{ __('practice.heat_none') }}</p>
    @else
        <svg viewBox="0 0 {{ $heat::WIDTH }} {{ $heat::HEIGHT }}" role="img" class="heat-curve" aria-label="{{ __('practice.heat_drawing', [
            'c' => round($heat->nowC), 'peak' => round($heat->peakC), 'limit' => round(OakGloss\Practice\Kit::PATTERN_BEARS_C),
        ]) }}">
            @foreach ($heat->ticks as $tick)
                <path d="M46 {{ $tick['y'] }}H{{ $heat::WIDTH - 12 }}" class="tick-line"/>
                <text x="40" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>
            @endforeach
            @foreach ($heat->hours as $hour)
                <text x="{{ $hour['x'] }}" y="{{ $heat::HEIGHT - 10 }}" text-anchor="middle" class="axis">{{ $hour['label'] }} h</text>
            @endforeach
            @foreach ($heat->lifts as $lift)
                <path d="M{{ $lift['x'] }} 12V{{ $heat::HEIGHT - 30 }}" class="heat-lift"/>
                <text x="{{ $lift['x'] + 4 }}" y="24" class="axis">{{ $lift['plies'] }}</text>
            @endforeach
            <path d="M46 {{ $heat->limitY }}H{{ $heat::WIDTH - 12 }}" class="heat-limit"/>
            <path d="{{ $heat->path }}" class="heat-line"/>
        </svg>
        <p class="soft">{{ __('practice.heat_what') }}</p>
        <details class="as-table"><summary>{{ __('app.as_table') }}</summary>
            <x-table :columns="__('practice.heat_columns')">
                @foreach ($heat->lifts as $lift)
                    <tr><th scope="row">{{ $lift['n'] }}</th><td>{{ $room->clock($lift['atMin']) }}</td><td>{{ $lift['plies'] }}</td>
                        <td>{{ $format->percent($lift['cured']) }}</td></tr>
                @endforeach
            </x-table>
        </details>
    @endif
</section>
