<fieldset class="card"><legend>{{ __('shop.hands') }}</legend>
    <p class="soft">{{ __('shop.hands_how') }}</p>
    @error('people')<p class="more"><strong>{{ $message }}</strong></p>@enderror
    @foreach ($people as $person)
        @php($id = $person->id)
        @php($own = old("people.{$id}.own", $person->hours !== null))
        <div class="person">
            <input type="hidden" name="people[{{ $id }}][id]" value="{{ $id }}">
            <label class="tick"><input type="checkbox" name="people[{{ $id }}][at_bench]" value="1"
                @checked(old('people') === null ? $person->at_bench : old("people.{$id}.at_bench"))>
                @say('shop.at_bench', ['name' => $person->name])</label>
            <label class="tick"><input type="checkbox" name="people[{{ $id }}][own]" value="1"
                @checked($own)> {{ __('shop.own_hours') }}</label>
            <details @if ($own) open @endif>
                <summary>{{ __('shop.own_days') }}</summary>
                <div class="grid-3">
                    @foreach (__('shop.days') as $d => $day)
                        <x-field :name="'people['.$id.'][days]['.$d.']'" :label="$day"
                            :value="App\Words\Spans::words($person->hours[$d] ?? $shop->working_hours[$d] ?? [])" />
                    @endforeach
                </div>
            </details>
        </div>
    @endforeach
</fieldset>
