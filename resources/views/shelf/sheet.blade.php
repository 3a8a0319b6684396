<fieldset class="card"><legend>{{ __('shelf.sheet.title') }}</legend>
    @error('sheet')<p class="more"><strong>{{ $message }}</strong></p>@enderror
    @if ($item->exists && count($item->sheet ?? []) < 2)<p class="finding is-warn">@say('shelf.sheet.one')</p>@endif
    <p class="soft">{{ __('shelf.sheet.why') }}</p>
    <details class="guide"><summary>{{ __('shelf.sheet.guide') }}</summary>
        <dl>@foreach (__('shelf.sheet.figures') as $figure => $where)<dt>{{ $figure }}</dt><dd>{{ $where }}</dd>@endforeach</dl></details>
    <div class="sheet-rows">
    @for ($i = 0; $i < max(5, count($item->sheet ?? [])); $i++)
        <x-field :name="'sheet['.$i.'][c]'" :label="__('shelf.sheet.row', ['n' => $i + 1])" unit="°C" type="number"
            :value="$item->sheet[$i]['c'] ?? null" />
        <x-field :name="'sheet['.$i.'][minutes]'" :label="__('shelf.sheet.until')" unit="min" type="number"
            :value="$item->sheet[$i]['minutes'] ?? null" />
    @endfor
    </div>
</fieldset>
