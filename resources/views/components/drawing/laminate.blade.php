@props(['drawing'])
@inject('format', 'App\Words\Formatter')
@php([$w, $h] = [App\View\Drawing\LaminateDrawing::WIDTH, App\View\Drawing\LaminateDrawing::HEIGHT])
@php($title = __("section.laminate.titles.{$drawing->of}"))
<figure class="section-figure" id="section-{{ $drawing->of }}">
    <div class="card-head">
        <h2>{{ $title }}</h2>
        <p class="soft num">{{ __('section.laminate.of', [
            'mm' => number_format($drawing->thicknessUm / 1000, 2), 'plies' => trans_choice('words.plies', count($drawing->plies)),
        ]) }}</p>
    </div>
    <svg viewBox="0 0 {{ $w }} {{ $h }}" role="img" aria-labelledby="laminate-title-{{ $drawing->of }} laminate-desc-{{ $drawing->of }}">
        <title id="laminate-title-{{ $drawing->of }}">{{ $title }}</title>
        <desc id="laminate-desc-{{ $drawing->of }}">{{ __('section.laminate.what') }}</desc>
        <x-drawing.tow />
        @foreach ($drawing->ticks as $tick)
            <path d="M56 {{ $tick['y'] }}H{{ $w - 8 }}" class="tick-line"/>
            <text x="50" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>
        @endforeach
        @foreach ($drawing->plies as $ply)
            <g @class(['ply', 'is-ahead' => ! $ply['isDone']])>
                <rect x="{{ $drawing->left }}" y="{{ $ply['y'] }}" width="{{ $drawing->width }}" height="{{ $ply['height'] }}"
                    @class(['ply-resin', 'is-gel' => $ply['role'] === 'gel_coat'])/>
                <rect x="{{ $drawing->left }}" y="{{ $ply['towY'] }}" width="{{ $drawing->width }}" height="{{ $ply['towHeight'] }}"
                    fill="url(#tow)"/>
            </g>
        @endforeach
        <rect x="{{ $drawing->left - 8 }}" y="{{ $drawing->plateY }}" width="{{ $drawing->width + 16 }}" height="10" class="plate"/>
        <text x="{{ $drawing->left }}" y="{{ $h - 6 }}" class="axis">{{ __("section.laminate.on.{$drawing->on}") }}</text>
    </svg>
    <details class="as-table"><summary>{{ __('app.as_table') }}</summary>
        <x-table :columns="__('section.laminate.columns')">
        @foreach (array_reverse($drawing->plies) as $ply)
            <tr>
                <th scope="row">{{ $ply['n'] }} {{ __("section.laminate.role.{$ply['role']}") }}</th>
                <td>{{ $format->um($ply['um']) }}</td>
                <td>{{ round(100 * $ply['fibre']) }} %</td>
                <td>{{ __($ply['isDone'] ? 'section.laminate.laid' : 'section.laminate.ahead') }}</td>
            </tr>
        @endforeach
        </x-table>
    </details>
    <x-why :what="__('section.laminate.these')"><p>{{ __('section.laminate.why') }}</p></x-why>
</figure>
