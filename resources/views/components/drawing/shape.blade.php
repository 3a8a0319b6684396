@props(['drawing', 'shape'])
<figure class="shape-figure">
    <svg viewBox="0 0 {{ App\View\Drawing\ShapeDrawing::WIDTH }} {{ App\View\Drawing\ShapeDrawing::HEIGHT }}" role="img"
        aria-label="{{ __('form.drawn', ['shape' => __("words.shape.{$shape}"), 'lines' => implode(', ', array_map(
            fn (array $line): string => "{$line['letter']} ".__("words.size.{$line['size']}"), $drawing->lines,
        ))]) }}">
        @foreach ($drawing->paths as $path)<path d="{{ $path['d'] }}" class="{{ $path['class'] }}"/>@endforeach
        @foreach ($drawing->lines as $line)
            @if ($line['d'] !== '')<path d="{{ $line['d'] }}" class="shape-measure"/>@endif
            <text x="{{ $line['x'] }}" y="{{ $line['y'] }}" text-anchor="{{ $line['anchor'] }}" 
                class="shape-letter">{{ $line['says'] }}</text>
        @endforeach
    </svg>
</figure>
