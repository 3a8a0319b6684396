@props(['flat', 'n', 'part'])
@inject('format', 'App\Words\Formatter')
@use('App\View\Drawing\CutScale')
@php([$scale, $isDone, $h] = [$flat->scale, $flat->step->isDone(), $flat->scale->height()])
<figure>
    <svg viewBox="0 0 {{ CutScale::WIDTH }} {{ $h }}" role="img" aria-labelledby="cut-{{ $n }}-title">
        <title id="cut-{{ $n }}-title">{{ __('sand.drawing') }}</title>
        @foreach ($scale->ticks as $tick)
            <path d="M{{ $tick['x'] }} 18V{{ $h - 6 }}" @class(['tick-line', 'is-zero' => $loop->first])/>
            <text x="{{ $tick['x'] }}" y="12" text-anchor="middle" class="axis">{{ $tick['label'] }}</text>
        @endforeach
        @foreach ($scale->rows as $r => $row)
            @php([$y, $left, $zero, $zone] = [$scale->yOf($r), $row['leftX'], $scale->zeroX, $row['state']->zone])
            <text x="112" y="{{ $y + 17 }}" text-anchor="end" class="zone-name">{{ $zone->name }}</text>
            <text x="112" y="{{ $y + 31 }}" text-anchor="end"
                class="axis">{{ $row['byHand'] ? __('sand.by_hand') : $format->slope($zone) }}</text>
            <rect x="{{ min($zero, $left) }}" y="{{ $y }}" width="{{ abs($left - $zero) }}" height="26"
                class="stays is-{{ $row['riskClass'] }}"/>
            @foreach ($row['bars'] as $b => $bar)
                <rect x="{{ min($bar['fromX'], $bar['toX']) }}" y="{{ $y }}" width="{{ max(1.2, $bar['toX'] - $bar['fromX']) }}" height="26"
                    @class(['cut', 'cut-'.($b % 4), 'is-done' => $bar['isDone']])/>
                @if (CutScale::hasRoom($bar))
                    <text x="{{ ($bar['fromX'] + $bar['toX']) / 2 }}" y="{{ $y + 17 }}" text-anchor="middle"
                        @class(['on-cut', 'is-done' => $bar['isDone']])>P{{ $bar['grit'] }}</text>
                @endif
            @endforeach
            @if (! $isDone)<path d="M{{ $row['keepX'] }} {{ $y - 3 }}v32" class="keep-line"/>@endif
            @if ($row['nowX'] !== null && ! $isDone)
                <path d="M{{ $row['nowX'] }} {{ $y - 5 }}l-5 -6h10zM{{ $row['nowX'] }} {{ $y - 5 }}v36" class="now-mark"/>
            @endif
            <path d="M{{ $row['doubtX'] }} {{ $y + 31 }}H{{ $left }}M{{ $row['doubtX'] }} {{ $y + 28 }}v6" class="doubt"/>
            @if ($scale->hasRoomForRest($row))
                <text x="{{ $zero + 8 }}" y="{{ $y + 18 }}" class="on-stays">{{ $format->um($row['leftUm']) }}</text>
            @endif
        @endforeach
    </svg>
    <figcaption class="soft">{{ __('sand.key') }}@if ($flat->isNow) {{ __('sand.key_now') }}@endif</figcaption>
    <x-table :columns="$flat->budgetColumns()" :scroll="__('sand.budget')">
        @foreach ($scale->rows as $row)
            <tr>
                <th scope="row">{{ $row['state']->zone->name }}@if ($row['byHand'])
                    <span class="soft">{{ __('sand.by_hand') }}</span>@endif</th>
                <td>{{ $format->um($row['coverUm']) }}</td>
                @foreach ($flat->after($row) as $um)<td>{{ $um === null ? '–' : $format->um($um) }}</td>@endforeach
                <td><b
                    @figure($part->id, "{$row['state']->zone->name}.left.{$flat->step->step->key}", $row['leftUm'])
                >{{ $format->um($row['leftUm']) }}</b> <small>± {{ $format->um($row['doubtUm']) }}</small></td>
                <td>{{ $format->um($row['state']->keepUm($flat->target())) }}</td>
                <td><span class="risk is-{{ $row['riskClass'] }}">{{ $format->percent($row['state']->risk()) }}</span>
                    <small>{{ __('sand.any', ['any' => $format->chance($row['state'])]) }}</small></td>
                <td>{{ $format->word('pass_end', $row['end']) }}</td>
            </tr>
        @endforeach
    </x-table>
</figure>
