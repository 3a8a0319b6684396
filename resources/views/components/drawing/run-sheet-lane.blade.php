@props(['lane', 'drawing', 'picked'])
@inject('format', 'App\Words\Formatter')
@php([$part, $y] = [$lane['plan']->part, $lane['y']])
<g class="lane tag-{{ $part->colour }}">
    <path d="M0 {{ $y + 34 }}H{{ App\View\Drawing\RunSheetDrawing::WIDTH }}" class="lane-line"/>
    @foreach ($lane['windows'] as ['kind' => $kind, 'x' => $x, 'until' => $u])
        @if ($kind === 'wet')
            <rect x="{{ $x }}" y="{{ $y + 9 }}" width="{{ $u - $x }}" height="14" fill="url(#wet)" class="wet"/>
        @elseif ($kind === 'bond')
            <rect x="{{ $x }}" y="{{ $y + 7 }}" width="{{ $u - $x }}" height="18" rx="2" class="bond"/>
        @else
            <path d="M{{ $x }} {{ $y + 9 }}L{{ $u }} {{ $y + 14 }}V{{ $y + 18 }}L{{ $x }} {{ $y + 23 }}Z" class="missed"/>
        @endif
    @endforeach
    @if ($lane['dueX'] !== null)
        <g class="due">
            <path d="M{{ $lane['dueX'] }} {{ $y }}V{{ $y + 32 }}"/>
            <path d="M{{ $lane['dueX'] }} {{ $y }}h9l-3 4 3 4h-9z" class="due-flag"><title>{{
                __('sheet.needed_by', ['at' => $format->date($lane['plan']->plan->brief->neededByMin)]) }}</title></path>
        </g>
    @endif
    @foreach ($lane['blocks'] as $block)
        @php([$step, $x, $width, $isKeyed] = [$block['step']->step, $block['x'], $block['width'], $block['time']->way->value === 'keyed'])
        @php([$key, $named] = [$step->key, $format->step($step)])
        <a href="{{ route('run-sheet', ['span' => $drawing->span, 'from' => $drawing->fromMin, 'step' => "{$part->id}:{$key}"]) }}#step"
            @class([
                'block', 'is-keyed' => $isKeyed,
                'is-picked' => $picked && $picked['step'] === $key && $picked['part']->part->id === $part->id,
            ])
            data-part="{{ $part->id }}" data-step="{{ $key }}" data-start="{{ $block['time']->startMin }}"
            data-range="{{ route('run-sheet.range', [$part, $key]) }}" data-try="{{ route('run-sheet.try', [$part, $key]) }}"
            aria-label="{{ $format->block($part, $block, $lane['plan']->hasMissed($block['step'])) }}">
            <rect x="{{ $x }}" y="{{ $y + 2 }}" width="{{ $width }}" height="28" rx="2"/>
            @if ($isKeyed)<path d="M{{ $x + 2 }} {{ $y + 27 }}h{{ max(1, $width - 4) }}" class="keyed-mark"/>@endif
            @if ($block['pinned'])<circle cx="{{ $x + $width / 2 }}" cy="{{ $y + 2 }}" r="4" class="pin"/>@endif
            @if ($block['label'])
                <text x="{{ $x + 6 }}" y="{{ $y + 21 }}">{{ Str::limit($named, (int) ($width / 7.4), '') }}</text>
            @endif
            <title>{{ $named }}, {{ $format->when($block['time']->startMin) }}</title>
        </a>
    @endforeach
    <rect x="8" y="{{ $y + 3 }}" width="26" height="26" rx="3" class="lane-tag"/>
    <text x="21" y="{{ $y + 22 }}" text-anchor="middle" class="lane-letter">{{ $part->letter }}</text>
</g>
