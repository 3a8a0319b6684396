{{-- Tools, places, papers and hands in one list: nothing is there until it is ticked or typed. --}}
<fieldset class="card"><legend>{{ __('shop.tools') }}</legend>
    <input type="hidden" name="tools" value="">
    <div class="ticks">
        @foreach (array_intersect_key(__('choose.tools'), array_flip(App\Models\Shop::TOOLS)) as $tool => $word)
            <label class="tick"><input type="checkbox" name="tools[]" value="{{ $tool }}"
                @checked(in_array($tool, (array) old('tools', $shop->tools), true))> {{ $word }}</label>
        @endforeach
    </div>
</fieldset>
<fieldset class="card"><legend>{{ __('shop.things') }}</legend>
    <div class="grid-3">
        @foreach (__('shop.thing') as $thing => $label)
            <x-field :name="'things['.$thing.']'" :label="$label" type="number"
                :unit="__('shop.parts')" :value="$shop->things[$thing] ?? 0" />
        @endforeach
        <x-field name="cool_place_c" :label="__('shop.cool_place')" type="number" unit="°C" :value="$shop->cool_place_c" />
    </div>
</fieldset>
<fieldset class="card"><legend>{{ __('shop.papers') }}</legend>
    <input type="hidden" name="papers" value="">
    @foreach ($papers->groupBy('form') as $form => $of)
        <div class="field"><span class="label">{{ __("shop.paper_forms.{$form}") }}</span>
            <div class="ticks">
                @foreach ($of as $paper)
                    <label class="tick"><input type="checkbox" name="papers[]" value="{{ $paper->id }}"
                        @checked(in_array((string) $paper->id, array_map(strval(...), (array) old('papers', $has)), true))>
                        P{{ $paper->grit }}<span class="visually-hidden"> {{ $form }}</span></label>
                @endforeach
            </div>
        </div>
    @endforeach
    <p class="soft">{{ __('shop.papers_how') }}</p>
</fieldset>
<fieldset class="card"><legend>{{ __('shop.hands') }}</legend>
    @error('at_bench')<p class="more"><strong>{{ $message }}</strong></p>@enderror
    <input type="hidden" name="at_bench" value="">
    <div class="ticks">
        @foreach ($people as $person)
            <label class="tick"><input type="checkbox" name="at_bench[]" value="{{ $person->id }}"
                @checked(in_array((string) $person->id, array_map(strval(...), (array) old(
                    'at_bench', $people->where('at_bench', true)->modelKeys())), true))>
                @say('shop.at_bench', ['name' => $person->name])</label>
        @endforeach
    </div>
</fieldset>
