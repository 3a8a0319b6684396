@props(['scale'])
<svg viewBox="0 0 {{ App\View\Drawing\FilmScale::WIDTH }} {{ $scale->height() }}" role="img" aria-labelledby="film-svg-title film-svg-desc"
    class="film-scale">
    <title id="film-svg-title">{{ __('film.drawing') }}</title>
    <desc id="film-svg-desc">{{ __('film.key') }} {{ __('film.table_too') }}</desc>
    @foreach ($scale->ticks as $tick)
        <path d="M{{ $tick['x'] }} 18V{{ $scale->height() - 4 }}" @class(['tick-line', 'is-zero' => $loop->first])/>
        <text x="{{ $tick['x'] }}" y="12" text-anchor="middle" class="axis">{{ $tick['label'] }}</text>
    @endforeach
    @foreach ($scale->rows as $r => $row)
        @php($y = $scale->yOf($r))
        <text x="120" y="{{ $y + 19 }}" text-anchor="end" class="zone-name">{{ $row['zone']->name }}</text>
        <rect x="{{ $row['fromX'] }}" y="{{ $y }}" width="{{ max(1, $row['toX'] - $row['fromX']) }}" height="28"
            @class(['film-bar', 'is-bare' => $row['coverUm'] < 0])/>
        <path d="M{{ $row['modelX'] }} {{ $y - 3 }}v34" class="model-mark"/>
        <path class="whisker" d="M{{ $row['lowX'] }} {{ $y + 14 }}H{{ $row['highX'] }}M{{ $row['lowX'] }} {{ $y + 8 }}v12M{{
            $row['highX'] }} {{ $y + 8 }}v12"/>
        @if ($row['leftX'] !== null)<path d="M{{ $row['leftX'] }} {{ $y - 4 }}v36" class="plane-line is-{{ $row['riskClass'] }}"/>@endif
    @endforeach
</svg>
