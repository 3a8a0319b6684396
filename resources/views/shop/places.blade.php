<fieldset class="card"><legend>{{ __('shop.things') }}</legend>
    <div class="grid-3">
        @foreach (__('shop.thing') as $thing => $label)
            <x-field :name="'things['.$thing.']'" :label="$label" type="number"
                :unit="__('shop.parts')" :value="$shop->things[$thing] ?? 0" />
        @endforeach
        <x-field name="cool_place_c" :label="__('shop.cool_place')" type="number" unit="°C" :value="$shop->cool_place_c" />
    </div>
</fieldset>
