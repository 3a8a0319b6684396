<fieldset class="card"><legend>{{ __('shop.points') }}</legend>
    <p class="soft">{{ __('shop.points_how') }}</p>
    @if (count($points) > 12)
        <p>@say('shop.many_points', ['n' => count($points), 'url' => route('air')])</p>
    @else
        <div class="sheet-rows">
            @for ($i = 0; $i < max(3, count($points) + 1); $i++)
                <x-field :name="'typed['.$i.'][at]'" :label="__('shop.point', ['n' => $i + 1])" type="datetime-local"
                    :value="isset($points[$i]) ? str_replace(' ', 'T', $points[$i]['at']) : null" />
                <x-field :name="'typed['.$i.'][c]'" :label="__('shop.point_air')" unit="°C" type="number"
                    :value="$points[$i]['c'] ?? null" />
            @endfor
        </div>
    @endif
</fieldset>
