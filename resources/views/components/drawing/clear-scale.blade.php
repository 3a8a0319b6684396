@props(['scale', 'clear'])
@use('App\View\Drawing\ClearScale')
<svg viewBox="0 0 {{ ClearScale::WIDTH }} {{ ClearScale::HEIGHT }}" role="img" aria-labelledby="clear-svg-title" class="clear-scale">
    <title id="clear-svg-title">{{ __('clear.drawing', [
        'n' => $clear->coats, 'dry' => round($clear->dryUm), 'flat' => number_format($clear->flatTakesUm, 1),
        'polish' => number_format($clear->polish?->totalCutUm() ?? 0, 1), 'stay' => round($clear->remainsUm()),
        'should' => round($clear->clear->finalUm),
    ]) }}</title>
    @foreach ($scale->ticks as $tick)
        <path d="M34 {{ $tick['y'] }}H184" class="tick-line"/>
        <text x="28" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>
    @endforeach
    @foreach ($scale->coats as $coat)
        <rect x="60" y="{{ $coat['y'] }}" width="120" height="{{ max(1, $coat['height'] - 0.8) }}" class="clear-coat"/>
        @if (ClearScale::hasRoom($coat))
            <text x="120" y="{{ $coat['y'] + $coat['height'] - 5 }}" text-anchor="middle"
                class="axis on-clear">{{ __('clear.coat', ['n' => $coat['n']]) }}</text>
        @endif
    @endforeach
    @foreach ($scale->cuts as $cut)
        <rect x="60" y="{{ $cut['y'] }}" width="120" height="{{ $cut['height'] }}" class="clear-cut is-{{ $cut['what'] }}"/>
        <text x="188" y="{{ $cut['wordsY'] }}"
            class="axis">{{ __("clear.cut.{$cut['what']}", ['um' => number_format($cut['um'], 1)]) }}</text>
    @endforeach
    <path d="M50 {{ $scale->mustY }}H190" class="plane-line"/>
    <text x="188" y="{{ $scale->mustY + 16 }}" class="axis">{{ __('clear.must_stay', ['um' => round($clear->clear->finalUm)]) }}</text>
    <rect x="60" y="{{ $scale->groundY }}" width="120" height="10" class="resin resin-3"/>
</svg>
