@props(['drawing', 'picked' => null])
@inject('format', 'App\Words\Formatter')
@use('App\View\Drawing\RunSheetDrawing')
@php([$w, $gutter] = [RunSheetDrawing::WIDTH, RunSheetDrawing::GUTTER])
<div class="sheet-scroll" tabindex="0" role="group" aria-label="{{ __('sheet.scroll') }}">
<svg viewBox="0 0 {{ $w }} {{ $drawing->height }}" class="run-sheet" role="group" aria-labelledby="sheet-title sheet-desc"
    data-from="{{ $drawing->fromMin }}" data-per-px="{{ $drawing->minutesPerPx() }}" data-gutter="{{ $gutter }}"
    data-grid="{{ OakGloss\Schedule\PartSchedule::GRID_MIN }}"
    data-lane="{{ RunSheetDrawing::LANE }}" data-zone="{{ $format->time()->zone }}">
    <title id="sheet-title">{{ __('app.rooms.run-sheet') }}</title>
    <desc id="sheet-desc">{{ __('sheet.drawing') }}</desc>
    <x-drawing.patterns />
    @foreach ($drawing->closed as $span)
        <rect x="{{ $span['x'] }}" y="28" width="{{ $span['width'] }}" height="{{ $drawing->handsY - 34 }}" fill="url(#night)"/>
    @endforeach
    @foreach ($drawing->marks as $mark)
        <path d="M{{ $mark['x'] }} 26V{{ $drawing->height - 6 }}" @class(['hour-line', 'is-day' => $mark['isDay']])/>
        <text x="{{ $mark['x'] + 3 }}" y="18" @class(['axis', 'is-day' => $mark['isDay']])>{{ $mark['label'] }}</text>
    @endforeach
    @foreach ($drawing->lanes as $lane)
        <x-drawing.run-sheet-lane :lane="$lane" :drawing="$drawing" :picked="$picked" />
    @endforeach
    <g id="range" aria-hidden="true"></g>
    @foreach ($drawing->hands as $lane)
        <g class="hands-lane">
            <rect x="{{ $gutter }}" y="{{ $lane['y'] + 3 }}" width="{{ $w - $gutter }}" height="18" class="hands-ground"/>
            @foreach ($lane['off'] as $off)
                <rect x="{{ $off['x'] }}" y="{{ $lane['y'] + 3 }}" width="{{ $off['width'] }}" height="18" fill="url(#night)"/>
            @endforeach
            @foreach ($lane['blocks'] as $block)
                <g class="tag-{{ $block['colour'] }}">
                    <rect x="{{ $block['x'] }}" y="{{ $lane['y'] + 3 }}" width="{{ $block['width'] }}" height="18" class="hands-block"/>
                    @if (RunSheetDrawing::hasRoom($block))
                        <text x="{{ $block['x'] + $block['width'] / 2 }}" y="{{ $lane['y'] + 17 }}" text-anchor="middle"
                            class="hands-letter"
                            >{{ $block['letter'] }}</text>
                    @endif
                </g>
            @endforeach
            <text x="2" y="{{ $lane['y'] + 17 }}" class="axis">{{ Str::before($lane['name'], ' ') }}</text>
        </g>
    @endforeach
    @if ($drawing->nowX >= 0)<path d="M{{ $drawing->nowX }} 24V{{ $drawing->height - 4 }}" class="now-line"/>@endif
</svg>
</div>
