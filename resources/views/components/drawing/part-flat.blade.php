@props(['drawing', 'part', 'mayPut' => false, 'title' => null])
@inject('format', 'App\Words\Formatter')
@php($marks = $drawing->marks)
<svg viewBox="0 0 {{ App\View\Drawing\PartLaidFlat::WIDTH }} {{ $drawing->height() }}" class="part-flat" role="group"
    aria-labelledby="flat-title flat-desc" data-px-per-mm="{{ $drawing->pxPerMm }}" @if ($mayPut) data-place @endif>
    <title id="flat-title">{{ __('inspect.drawing') }}</title>
    <desc id="flat-desc">{{ __('inspect.drawing_text', ['scale' => (string) max(1, round(0.28 / $drawing->pxPerMm * 3.78, 1))]) }}</desc>
    @foreach ($drawing->plates() as $at)
        @php($plate = $at['plate'])
        <g class="plate" @if ($mayPut && $plate->fromMm === 0.0) tabindex="0" role="button"
            aria-label="{{ __('inspect.put', ['zone' => $plate->zone]) }}" @endif
            data-zone="{{ $plate->zone }}" data-x="{{ $at['x'] }}" data-y="{{ $at['y'] }}" data-from="{{ round($plate->fromMm, 1) }}"
            data-w="{{ $at['w'] }}" data-h="{{ $at['h'] }}">
            @if ($at['ring'])<path d="{{ $at['ring'] }}" fill-rule="evenodd"/>
            @else<rect x="{{ $at['x'] }}" y="{{ $at['y'] }}" width="{{ $at['w'] }}" height="{{ $at['h'] }}"/>@endif
            @if ($at['isNamed'])<text x="{{ $at['tx'] }}" y="{{ $at['ty'] }}" text-anchor="middle">{{ $plate->zone }}</text>@endif
        </g>
    @endforeach
    @foreach ($marks as $mark)
        <a href="{{ route('defects.show', [$part, $mark['state']->found->id]) }}"
            aria-label="{{ $mark['n'] }}: {{ $format->word('defect', $mark['state']->found->content->defect) }}"
            @class(['defect-mark', 'is-through' => $mark['state']->isThrough, 'is-somewhere' => ! $mark['isExact']])>
            <circle cx="{{ $mark['x'] }}" cy="{{ $mark['y'] }}" r="{{ max(12, $mark['r']) }}" class="hit"/>
            <circle cx="{{ $mark['x'] }}" cy="{{ $mark['y'] }}" r="{{ $mark['r'] }}" class="ring"/>
            <text x="{{ $mark['x'] }}" y="{{ $mark['y'] - max(9, $mark['r']) - 4 }}" text-anchor="middle">{{ $mark['n'] }}</text>
        </a>
    @endforeach
    <path class="cross" d="M-9 0H9M0-9V9" visibility="hidden"/>
    <path class="bar-line" d="M{{ App\View\Drawing\PartLaidFlat::left() }} {{ $drawing->barY() }}h{{ $drawing->barPx() }}m0-5v10m-{{
        $drawing->barPx() }}-10v10"/>
    <text x="{{ App\View\Drawing\PartLaidFlat::left() + $drawing->barPx() + 8 }}" y="{{ $drawing->barY() + 4 }}" class="axis">{{
        __('inspect.scale') }}</text>
</svg>
