<div class="grid-3" id="sizes" @if ($oob ?? false) hx-swap-oob="true" @endif>
    <input type="hidden" name="sizes_for" value="{{ $shape }}/{{ $unit }}">
    @foreach (App\Planning\Shapes::SIZES[$shape] ?? [] as $size)
        <x-field :name="'sizes['.$size.']'"
            :label="App\View\Drawing\ShapeDrawing::letter($shape, $size).' · '.__('words.size.'.$size)"
            type="number" :value="$sizes[$size] ?? null" required
            :unit="str_ends_with($size, '_deg') ? '°' : $unit" />
    @endforeach
    @if ($shape === 'faces')<p class="soft span-3">{{ __('parts.faces') }}</p>@endif
</div>
