@props(['curve', 'resin'])
@inject('format', 'App\Words\Formatter')
@php([$w, $h] = [App\View\Drawing\SheetCurve::WIDTH, App\View\Drawing\SheetCurve::HEIGHT])
@php($activation = $resin->kinetics->activation)
<figure class="curve">
    <svg viewBox="0 0 {{ $w }} {{ $h }}" role="img" aria-labelledby="curve-title">
        <title id="curve-title">{{ __('shelf.curve.drawing') }}</title>
        @foreach ($curve->rows as $row)
            <path d="M52 {{ $row['y'] }}H{{ $w - 96 }}" class="tick-line"/>
            <text x="46" y="{{ $row['y'] + 4 }}" text-anchor="end" class="axis">{{ $row['label'] }}</text>
        @endforeach
        @foreach ($curve->columns as $column)
            <text x="{{ $column['x'] }}" y="{{ $h - 12 }}" text-anchor="middle" class="axis">{{ $column['label'] }}</text>
        @endforeach
        <path d="M{{ $curve->nowX }} 14V{{ $h - 34 }}" class="now-line"/>
        <text x="{{ $curve->nowX + 5 }}" y="24" class="axis is-now">{{ __('shelf.curve.now') }}</text>
        @foreach ($curve->curves as $line)
            <polyline points="{{ $line['path'] }}" class="event-line event-{{ $line['event'] }}"/>
            <text x="{{ $w - 90 }}" y="{{ $line['endY'] + 4 }}" class="axis is-event">{{ $format->word('event', $line['event']) }}</text>
        @endforeach
        @foreach ($curve->sheet as $dot)<circle cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="4" class="sheet-dot"/>@endforeach
    </svg>
    <figcaption class="soft">{{ __("shelf.curve.{$activation->basis->value}", [
        'activation' => $format->activation($activation),
    ]) }}</figcaption>
    <x-table :columns="[__('shelf.curve.at'), ...array_values(__('words.event'))]">
        @foreach ($curve->table as $row)
            <tr>
                <th scope="row">{{ $format->measured($row['celsius'], '°C', 0) }}</th>
                @foreach (array_keys(__('words.event')) as $event)<td>{{ $format->span(60 * $row['hours'][$event]) }}</td>@endforeach
            </tr>
        @endforeach
    </x-table>
</figure>
