<fieldset class="card"><legend>{{ __('shelf.catalyst.title') }}</legend>
    <p class="soft">{{ __('shelf.catalyst.why') }}</p>
    <div class="sheet-rows">
    @for ($i = 0; $i < max(4, count($item->catalyst['rows'] ?? [])); $i++)
        <x-field :name="'catalyst_rows['.$i.'][c]'" :label="__('shelf.sheet.row', ['n' => $i + 1])" unit="°C" type="number"
            :value="$item->catalyst['rows'][$i]['c'] ?? null" />
        <x-field :name="'catalyst_rows['.$i.'][percent]'" :label="__('shelf.catalyst.percent')" unit="%" type="number"
            :value="$item->catalyst['rows'][$i]['percent'] ?? null" />
    @endfor
        <x-field name="catalyst_density" :label="__('shelf.catalyst.density')" unit="g/cm³" type="number"
            :value="$item->catalyst['density'] ?? null" />
        <x-field name="catalyst_drops" :label="__('shelf.catalyst.drops')" type="number"
            :value="$item->catalyst['drops_per_ml'] ?? null" />
        <x-field name="catalyst_drops_g" :label="__('shelf.catalyst.drops_g')" type="number" :hint="__('shelf.catalyst.drops_g_hint')" />
    </div>
</fieldset>
