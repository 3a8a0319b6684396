@props(['drawing', 'part'])
@inject('format', 'App\Words\Formatter')
@php([$w, $h, $flat] = [App\View\Drawing\SectionDrawing::WIDTH, App\View\Drawing\SectionDrawing::HEIGHT, $drawing->flat])
<figure class="section-figure" id="section">
    <div class="card-head">
        <h2>{{ __('section.title') }}</h2>
        <p class="soft">{{ implode(' · ', array_filter([
            $drawing->after ? __('section.after', ['step' => lcfirst($format->step($drawing->after->step))]) : __('section.bare_part'),
            $drawing->isMeasured() ? __('section.as_read') : null, 'µm',
        ])) }}</p>
    </div>
    @if ($drawing->columns === [])
        <p class="soft empty">{{ __('section.none') }}</p>
    @else
        <svg viewBox="0 0 {{ $w }} {{ $h }}" role="img" aria-labelledby="section-title section-desc">
            <title id="section-title">{{ __('section.drawing') }}</title>
            <desc id="section-desc">{{ __('section.what') }}</desc>
            <x-drawing.tow />
            @foreach ($drawing->ticks as $tick)
                <path d="M46 {{ $tick['y'] }}H{{ $w - 6 }}" class="tick-line"/>
                <text x="40" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>
            @endforeach
            <text x="40" y="{{ $drawing->crownsY - 10 }}" text-anchor="end" class="axis">{{ __('section.crowns') }}</text>
            @foreach ($drawing->columns as $column)
                <x-drawing.section-column :column="$column" :crowns-y="$drawing->crownsY" :names-y="$h - 10" />
            @endforeach
        </svg>
        @if ($flat)
            <p class="plane-key"><svg width="26" height="6" aria-hidden="true"><path d="M0 3H26"
                class="plane-line"/></svg> {{ __('section.key', [
                'flat' => lcfirst($format->step($flat->step)), 'from' => $flat->ladder->first()->number,
                'to' => $flat->ladder->last()->number,
            ]) }}</p>
        @endif
        <details class="as-table"><summary>{{ __('app.as_table') }}</summary>
            <x-table :columns="__('section.columns')">
            @foreach ($drawing->columns as ['state' => $state, 'coverUm' => $cover, 'leftUm' => $left])
                <tr>
                    <th scope="row">{{ $format->zone($state->zone) }}</th>
                    <td>{{ $format->um($cover) }}</td>
                    <td>{{ $format->um($state->before->textureUm) }}</td>
                    <td @if ($left !== null) @figure($part->id, "{$state->zone->name}.left.{$flat?->step->key}", $left) @endif>{{
                        $left === null ? '–' : $format->um($left) }}</td>
                    <td>± {{ $format->um($state->doubtUm()) }}</td>
                    <td>{{ $left === null ? '–' : $format->percent($state->risk()) }}</td>
                </tr>
            @endforeach
            </x-table>
        </details>
        <x-why :what="__('section.of')"><p>{{ __('section.why') }}</p></x-why>
    @endif
</figure>
