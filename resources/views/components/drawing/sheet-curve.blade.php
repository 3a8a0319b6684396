@props(['curve', 'resin'])
@inject('format', 'App\Words\Formatter')
@php($names = ['tack_from' => 'tacky', 'tack_until' => 'bonds until', 'sandable' => 'sandable', 'full' => 'full cure'])
@php([$w, $h] = [App\View\Drawing\SheetCurve::WIDTH, App\View\Drawing\SheetCurve::HEIGHT])
<figure class="curve">
    <svg viewBox="0 0 {{ $w }} {{ $h }}" role="img" aria-labelledby="curve-title">
        <title id="curve-title">Time until each event against temperature; the table below tells the same</title>
        @foreach ($curve->rows as $row)<path d="M52 {{ $row['y'] }}H{{ $w - 96 }}" class="tick-line"/><text x="46" y="{{ $row['y'] + 4 }}" text-anchor="end" class="axis">{{ $row['label'] }}</text>@endforeach
        @foreach ($curve->columns as $column)<text x="{{ $column['x'] }}" y="{{ $h - 12 }}" text-anchor="middle" class="axis">{{ $column['label'] }}</text>@endforeach
        <path d="M{{ $curve->nowX }} 14V{{ $h - 34 }}" class="now-line"/><text x="{{ $curve->nowX + 5 }}" y="24" class="axis is-now">air now</text>
        @foreach ($curve->curves as $line)<polyline points="{{ $line['path'] }}" class="event-line event-{{ $line['event'] }}"/><text x="{{ $w - 90 }}" y="{{ $line['endY'] + 4 }}" class="axis is-event">{{ $names[$line['event']] ?? $line['event'] }}</text>@endforeach
        @foreach ($curve->sheet as $dot)<circle cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="4" class="sheet-dot"/>@endforeach
    </svg>
    <figcaption class="soft">Dots: the sheet's own rows (time to tack). Activation {{ round($resin->kinetics->activation->joulePerMol / 1000, 1) }} kJ/mol, {{ ['given' => 'given', 'fitted' => 'fitted through the rows', 'assumed' => 'assumed, since fewer than two temperatures are known'][$resin->kinetics->activation->basis->value] }}.</figcaption>
    <table class="num"><thead><tr><th scope="col">at</th>@foreach ($names as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead><tbody>
    @foreach ($curve->table as $row)<tr><th scope="row">{{ round($row['celsius']) }} °C</th>@foreach ($names as $event => $name)<td>{{ $format->span(60 * $row['hours'][$event]) }}</td>@endforeach</tr>@endforeach
    </tbody></table>
</figure>
