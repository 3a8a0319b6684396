@props(['drawing', 'trial' => null, 'chosen' => null])
@inject('format', 'App\Words\Formatter')
@php($w = App\View\Drawing\RunSheetDrawing::WIDTH)
@php($picked = $trial ?? $chosen)
<div class="sheet-scroll" tabindex="0" role="group" aria-label="Parts against time; scroll sideways">
<svg viewBox="0 0 {{ $w }} {{ $drawing->height }}" class="run-sheet" role="group" aria-labelledby="sheet-title sheet-desc"
    data-from="{{ $drawing->fromMin }}" data-per-px="{{ $drawing->minutesPerPx() }}" data-gutter="{{ App\View\Drawing\RunSheetDrawing::GUTTER }}" data-grid="{{ OakGloss\Schedule\PartSchedule::GRID_MIN }}" data-lane="{{ App\View\Drawing\RunSheetDrawing::LANE }}" data-zone="{{ $format->time()->zone }}">
    <title id="sheet-title">Run sheet</title>
    <desc id="sheet-desc">One lane a part, one lane a pair of hands. Blocks are steps; dotted while wet, solid while the coat bonds, tapering while it cures. The table below tells the same.</desc>
    <defs>
        <pattern id="night" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(52)"><rect width="9" height="9" class="night-ground"/><path d="M0 0V9" class="night-line"/></pattern>
        <pattern id="wet" width="6" height="6" patternUnits="userSpaceOnUse"><rect width="6" height="6" class="wet-ground"/><circle cx="3" cy="3" r="1.15" class="wet-dot"/></pattern>
    </defs>
    @foreach ($drawing->closed as $span)<rect x="{{ $span['x'] }}" y="28" width="{{ $span['width'] }}" height="{{ $drawing->handsY - 34 }}" fill="url(#night)"/>@endforeach
    @foreach ($drawing->marks as $mark)
        <path d="M{{ $mark['x'] }} 26V{{ $drawing->height - 6 }}" @class(['hour-line', 'is-day' => $mark['isDay']])/>
        <text x="{{ $mark['x'] + 3 }}" y="18" @class(['axis', 'is-day' => $mark['isDay']])>{{ $mark['label'] }}</text>
    @endforeach
    @foreach ($drawing->lanes as $lane)
        @php($part = $lane['plan']->part)
        @php($y = $lane['y'])
        <g class="lane tag-{{ $part->colour }}">
            <path d="M0 {{ $y + 34 }}H{{ $w }}" class="lane-line"/>
            @foreach ($lane['windows'] as $shape)
                @php([$x, $u] = [$shape['x'], $shape['until']])
                @if ($shape['kind'] === 'wet')<rect x="{{ $x }}" y="{{ $y + 9 }}" width="{{ $u - $x }}" height="14" fill="url(#wet)" class="wet"/>
                @elseif ($shape['kind'] === 'bond')<rect x="{{ $x }}" y="{{ $y + 7 }}" width="{{ $u - $x }}" height="18" rx="2" class="bond"/>
                @else<path d="M{{ $x }} {{ $y + 9 }}L{{ $u }} {{ $y + 14 }}V{{ $y + 18 }}L{{ $x }} {{ $y + 23 }}Z" class="missed"/>@endif
            @endforeach
            @if ($lane['dueX'] !== null)<g class="due"><path d="M{{ $lane['dueX'] }} {{ $y }}V{{ $y + 32 }}"/><path d="M{{ $lane['dueX'] }} {{ $y }}h9l-3 4 3 4h-9z" class="due-flag"><title>needed by {{ $format->date($lane['plan']->plan->brief->neededByMin) }}</title></path></g>@endif
            @foreach ($lane['blocks'] as $block)
                @php($key = $block['step']->step->key)
                <a href="{{ route('run-sheet', ['span' => $drawing->span, 'from' => $drawing->fromMin, 'step' => "{$part->id}:{$key}"]) }}#step" @class(['block', 'is-keyed' => $block['time']->way->value === 'keyed', 'is-picked' => $picked && $picked['step'] === $key && $picked['part']->part->id === $part->id])
                    data-part="{{ $part->id }}" data-step="{{ $key }}" data-start="{{ $block['time']->startMin }}" data-range="{{ route('run-sheet.range', [$part, $key]) }}" data-try="{{ route('run-sheet.try', [$part, $key]) }}"
                    aria-label="{{ $part->letter }}, {{ $format->step($block['step']->step) }}, {{ $format->when($block['time']->startMin) }} to {{ $format->time()->local($block['time']->endMin)->format('H:i') }}{{ $block['time']->way->value === 'keyed' ? ', keyed first' : '' }}{{ $block['pinned'] ? ', pinned' : '' }}">
                    <rect x="{{ $block['x'] }}" y="{{ $y + 2 }}" width="{{ $block['width'] }}" height="28" rx="2"/>
                    @if ($block['time']->way->value === 'keyed')<path d="M{{ $block['x'] + 2 }} {{ $y + 27 }}h{{ max(1, $block['width'] - 4) }}" class="keyed-mark"/>@endif
                    @if ($block['pinned'])<circle cx="{{ $block['x'] + $block['width'] / 2 }}" cy="{{ $y + 2 }}" r="4" class="pin"/>@endif
                    @if ($block['label'])<text x="{{ $block['x'] + 6 }}" y="{{ $y + 21 }}">{{ Str::limit($format->step($block['step']->step), (int) ($block['width'] / 7.4), '') }}</text>@endif
                    <title>{{ $format->step($block['step']->step) }}, {{ $format->when($block['time']->startMin) }}</title>
                </a>
            @endforeach
            <rect x="8" y="{{ $y + 3 }}" width="26" height="26" rx="3" class="lane-tag"/><text x="21" y="{{ $y + 22 }}" text-anchor="middle" class="lane-letter">{{ $part->letter }}</text>
        </g>
    @endforeach
    <g id="range" aria-hidden="true"></g>
    @foreach ($drawing->hands as $lane)
        <g class="hands-lane">
            <rect x="{{ App\View\Drawing\RunSheetDrawing::GUTTER }}" y="{{ $lane['y'] + 3 }}" width="{{ $w - App\View\Drawing\RunSheetDrawing::GUTTER }}" height="18" class="hands-ground"/>
            @foreach ($lane['off'] as $off)<rect x="{{ $off['x'] }}" y="{{ $lane['y'] + 3 }}" width="{{ $off['width'] }}" height="18" fill="url(#night)"/>@endforeach
            @foreach ($lane['blocks'] as $block)<g class="tag-{{ $block['colour'] }}"><rect x="{{ $block['x'] }}" y="{{ $lane['y'] + 3 }}" width="{{ $block['width'] }}" height="18" class="hands-block"/>@if ($block['width'] > 13)<text x="{{ $block['x'] + $block['width'] / 2 }}" y="{{ $lane['y'] + 17 }}" text-anchor="middle" class="hands-letter">{{ $block['letter'] }}</text>@endif</g>@endforeach
            <text x="2" y="{{ $lane['y'] + 17 }}" class="axis">{{ Str::before($lane['name'], ' ') }}</text>
        </g>
    @endforeach
    @if ($drawing->nowX >= 0)<path d="M{{ $drawing->nowX }} 24V{{ $drawing->height - 4 }}" class="now-line"/>@endif
</svg>
</div>
