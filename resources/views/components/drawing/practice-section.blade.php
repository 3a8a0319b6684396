@props(['section'])
@use('App\View\Drawing\PracticeSection')
<svg viewBox="0 0 {{ PracticeSection::WIDTH }} {{ PracticeSection::HEIGHT }}" role="img" aria-labelledby="true-svg-title"
    class="practice-section">
    <title id="true-svg-title">{{ __('practice.section_drawing', ['zones' => $section->words()]) }}</title>
    @foreach ($section->ticks as $tick)
        <path d="M42 {{ $tick['y'] }}H414" class="tick-line"/>
        <text x="36" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>
    @endforeach
    @foreach ($section->zones as $z)
        <rect x="{{ $z['x'] }}" y="{{ $section->zeroY }}" width="{{ $z['width'] }}"
            height="{{ PracticeSection::HEIGHT - 24 - $section->zeroY }}"
            class="ply"/>
        @foreach ($z['places'] as $place)
            <rect x="{{ $place['x'] }}" y="{{ $place['y'] }}" width="{{ $z['width'] / count($z['places']) + .3 }}"
                height="{{ max(.5, $place['height']) }}" @class(['place', 'is-burnt' => $place['burnt']])/>
        @endforeach
        <path d="M{{ $z['x'] }} {{ $z['meanY'] }}H{{ $z['x'] + $z['width'] }}" class="mean-line"/>
        <text x="{{ $z['x'] + $z['width'] / 2 }}" y="{{ PracticeSection::HEIGHT - 7 }}" text-anchor="middle" class="zone-name"
            >{{ $z['name'] }} {{ round($z['mean']) }} µm</text>
    @endforeach
    <path d="M42 {{ $section->zeroY }}H414" class="plane-line"/>
</svg>
