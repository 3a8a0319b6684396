@props(['drawing'])
@inject('format', 'App\Words\Formatter')
<svg viewBox="0 0 {{ App\View\Drawing\TurnedWindow::WIDTH }} 64" role="img" aria-label="{{ __('turn.drawing', [
    'coat' => $format->when($drawing->way->starts[0]),
    'between' => $format->between($drawing->way->window->opens->expectedMin, $drawing->way->window->closes->expectedMin),
    'next' => $format->when($drawing->way->nextMin),
]) }}">
    @foreach ($drawing->free as $span)
        <rect x="{{ $span['x'] }}" y="4" width="{{ $span['width'] }}" height="44" class="may-start"/>
        <text x="{{ $span['x'] + 4 }}" y="61" class="axis">{{ $format->clock($span['fromMin']) }}</text>
    @endforeach
    <rect x="{{ $drawing->coatX }}" y="18" width="{{ max(1, $drawing->opensX - $drawing->coatX) }}" height="16" class="wet wet-plain"/>
    <rect x="{{ $drawing->opensX }}" y="14" width="{{ max(1, $drawing->closesX - $drawing->opensX) }}" height="24" rx="2" class="bond"/>
    @if ($drawing->sure)<path d="M{{ $drawing->sure['x'] }} 41H{{ $drawing->sure['until'] }}" class="sure-line"/>@endif
    <path d="M{{ $drawing->nextX }} 6V46" class="now-line"/>
</svg>
