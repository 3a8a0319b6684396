@props(['drawing'])
@php([$w, $pad] = [App\View\Drawing\SheetDrawing::WIDTH, $drawing->pad()])
<figure class="section-figure" id="yield">
    <div class="card-head">
        <h2>{{ __('section.sheet.title') }}</h2>
        <p class="soft num">{{ __($drawing->count === $drawing->planned ? 'section.sheet.all' : 'section.sheet.fewer', [
            'n' => $drawing->count, 'planned' => $drawing->planned, 'share' => round(100 * $drawing->share),
        ]) }}</p>
    </div>
    <svg viewBox="0 0 {{ $w }} {{ $drawing->height }}" role="img" aria-labelledby="yield-title yield-desc">
        <title id="yield-title">{{ __('section.sheet.title') }}</title>
        <desc id="yield-desc">{{ __('section.sheet.what', ['n' => $drawing->count, 'flaws' => count($drawing->flaws)]) }}</desc>
        <rect x="{{ $pad }}" y="{{ $pad }}" width="{{ $drawing->sheetWidth }}" height="{{ $drawing->sheetHeight }}" class="sheet-whole"/>
        @foreach ($drawing->blanks as $blank)
            <rect x="{{ $blank['x'] }}" y="{{ $blank['y'] }}" width="{{ $drawing->blankWidth }}" height="{{ $drawing->blankHeight }}"
                class="sheet-blank"/>
            <text x="{{ $blank['x'] + $drawing->blankWidth / 2 }}" y="{{ $blank['y'] + $drawing->blankHeight / 2 + 4 }}"
                text-anchor="middle" class="sheet-n">{{ $blank['n'] }}</text>
        @endforeach
        @foreach ($drawing->flaws as $flaw)
            <circle cx="{{ $flaw['x'] }}" cy="{{ $flaw['y'] }}" r="{{ max(3, $flaw['r']) }}" class="sheet-flaw"/>
        @endforeach
        <path d="M{{ $pad }} {{ $drawing->height - 16 }}h{{ $drawing->barWidth }}" class="scale-bar"/>
        <text x="{{ $pad + $drawing->barWidth + 8 }}" y="{{ $drawing->height - 12 }}" class="axis">{{
            __('section.sheet.bar', ['mm' => round($drawing->barMm)]) }}</text>
    </svg>
    <p class="soft">{{ __('section.sheet.weave') }}
        @foreach ($drawing->offcuts as $offcut)
            {{ __('section.sheet.offcut', ['along' => round($offcut['alongMm']), 'across' => round($offcut['acrossMm'])]) }}
        @endforeach
    </p>
</figure>
