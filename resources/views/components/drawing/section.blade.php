@props(['drawing'])
@inject('format', 'App\Words\Formatter')
@php([$w, $h] = [App\View\Drawing\SectionDrawing::WIDTH, App\View\Drawing\SectionDrawing::HEIGHT])
<figure class="section-figure" id="section">
    <div class="card-head"><h2>Section through the skin</h2><p class="soft">@if ($drawing->after)after {{ lcfirst($format->step($drawing->after->step)) }}@else bare part @endif @if (($drawing->columns[0]['state'] ?? null)?->isMeasured()) · as read @endif · µm</p></div>
    @if ($drawing->columns === [])
        <p class="soft empty">The section begins with the wet-out.</p>
    @else
    <svg viewBox="0 0 {{ $w }} {{ $h }}" role="img" aria-labelledby="section-title section-desc">
        <title id="section-title">Section through the skin, height to scale</title>
        <desc id="section-desc">Resin over the weave's crowns for each zone, with the plane where flatting ends. The table below tells the same.</desc>
        <defs><pattern id="tow" width="16" height="16" patternUnits="userSpaceOnUse" patternTransform="rotate(28)"><rect width="16" height="16" class="tow-ground"/><path d="M0 4H16M0 12H16" class="tow-line"/></pattern></defs>
        @foreach ($drawing->ticks as $tick)<path d="M46 {{ $tick['y'] }}H{{ $w - 6 }}" class="tick-line"/><text x="40" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>@endforeach
        <text x="40" y="{{ $drawing->crownsY - 10 }}" text-anchor="end" class="axis">crowns</text>
        @foreach ($drawing->columns as $column)
            <rect x="{{ $column['x'] }}" y="{{ $column['base']['y'] }}" width="{{ $column['width'] }}" height="{{ $column['base']['height'] }}" class="base-layer"/>
            <path d="{{ $column['weave'] }}" fill="url(#tow)"/>
            @foreach ($column['layers'] as $layer)<path d="{{ $layer['path'] }}" @class(['resin', 'resin-'.min(9, $layer['index']), 'is-ahead' => ! $layer['isDone']])/>@endforeach
            @if ($column['bareY'] !== null)<path d="M{{ $column['x'] }} {{ $column['bareY'] }}h{{ $column['width'] }}" class="bare-line"/><text x="{{ $column['x'] + $column['width'] / 2 }}" y="{{ $column['bareY'] - 6 }}" text-anchor="middle" class="bare-word">bare</text>@endif
            @php($middle = $column['x'] + $column['width'] / 2)
            @if ($column['planeY'] !== null)
                <path d="M{{ $column['x'] - 5 }} {{ $column['planeY'] }}H{{ $column['x'] + $column['width'] + 5 }}" class="plane-line"/>
                <path d="M{{ $middle }} {{ $column['planeY'] }}V{{ $drawing->crownsY }}" class="cover-line"/>
                @php($pillY = min(($column['planeY'] + $drawing->crownsY) / 2, $drawing->crownsY - 14))
                <g class="pill is-{{ $column['riskClass'] }}"><rect x="{{ $middle - 37 }}" y="{{ $pillY - 13 }}" width="74" height="26" rx="13"/><text x="{{ $middle }}" y="{{ $pillY + 5 }}" text-anchor="middle">{{ $format->um($column['leftUm']) }}</text></g>
            @endif
            <text x="{{ $middle }}" y="{{ $h - 10 }}" text-anchor="middle" class="zone-name">{{ $format->zone($column['state']->zone) }}</text>
        @endforeach
    </svg>
    @if ($drawing->flat)<p class="plane-key"><svg width="26" height="6" aria-hidden="true"><path d="M0 3H26" class="plane-line"/></svg> {{ lcfirst($format->step($drawing->flat->step)) }} P{{ $drawing->flat->ladder->first()->number }} to P{{ $drawing->flat->ladder->last()->number }} ends here; the number is what stays over the weave. Height to scale, width schematic; pale coats are still ahead.</p>@endif
    <details class="as-table"><summary>The same as a table</summary>
        <table><thead><tr><th scope="col">Zone</th><th scope="col">Over crowns now</th><th scope="col">Texture</th><th scope="col">Stays after flatting</th><th scope="col">Doubt</th><th scope="col">Burns through</th></tr></thead><tbody>
        @foreach ($drawing->columns as $column)
            <tr><th scope="row">{{ $format->zone($column['state']->zone) }}</th><td>{{ $format->um($column['coverUm']) }}</td><td>{{ $format->um($column['state']->before->textureUm) }}</td><td>{{ $column['leftUm'] === null ? '–' : $format->um($column['leftUm']) }}</td><td>± {{ $format->um($column['state']->doubtUm()) }}</td><td>{{ $column['leftUm'] === null ? '–' : $format->percent($column['state']->risk()) }}</td></tr>
        @endforeach
        </tbody></table>
    </details>
    <x-why what="the section"><p>Each coat leaves what does not drain off a face of that slope and length before it gels (Jeffreys), less what an edge pulls away (r / (r + 0.4 mm), assumed) and 3 % shrinkage; it takes away a share of the weave's texture. Flatting goes to flush, then the later grits and the last scratch. Doubt of brushed work: 20 % of the film plus 8 µm (assumed). Measured slugs will say better.</p></x-why>
    @endif
</figure>
