@inject('format', 'App\Words\Formatter')
@use('OakGloss\Method\Slot')
<fieldset class="card" id="with" @if ($oob ?? false) hx-swap-oob="true" @endif><legend>{{ __('form.with') }}</legend>
    <p class="soft">{{ __('methods.'.$method::code().'.when') }}</p>
    <input type="hidden" name="with_for" value="{{ $method::code() }}">
    @if ($method->startsFrom()->hasFilm())
        <div class="grid-3">
            <x-field name="film_um" :label="__('form.film')" unit="µm" type="number" :value="$given['film_um'] ?? null" />
            <x-field name="film_relief_um" :label="__('form.relief')" unit="µm" type="number" :value="$given['film_relief_um'] ?? null" />
            <x-pick name="film_known_by" :label="__('form.known_by')"
                :choices="$format->choices('film_source', OakGloss\Film\FilmSource::cases())"
                :value="$given['film_known_by'] ?? 'guessed'" />
        </div>
    @endif
    <div class="grid-3">
        @foreach ($slots as [$slot, $mayBeNone])
            @continue($slot->aid() !== null)
            <x-pick :name="$slot->field()" :label="__('form.slots.'.$slot->value)" :choices="$shelf[$slot->value]"
                :value="$given[$slot->field()] ?? null"
                :empty="$mayBeNone ? __($slot === Slot::InnerCloth ? 'form.as_seen' : 'form.none') : null" />
        @endforeach
        @if (in_array(Slot::Base, array_column($slots, 0), true))
            <x-pick name="backing" :label="__('form.backing')"
                :choices="$format->choices('backing', OakGloss\Material\Backing::cases())" :value="$given['backing'] ?? 'black'" />
        @endif
        @each('parts.pick', App\View\Page\MethodForm::each($picks, $given, false), 'of')
    </div>
    @if ($rare = App\View\Page\MethodForm::each($picks, $given, true))
        <details class="more-slots"><summary>{{ __('form.more_rare') }}</summary>
            <div class="grid-3">@each('parts.pick', $rare, 'of')</div>
        </details>
    @endif
    @if ($aids = array_filter($slots, fn (array $of): bool => $of[0]->aid() !== null))
        <details class="more-slots"><summary>{{ __('form.more_shelf') }}</summary>
            <div class="grid-3">
                @foreach ($aids as [$slot])
                    <x-pick :name="$slot->field()" :label="__('form.slots.'.$slot->value)" :choices="$shelf[$slot->value]"
                        :value="$given[$slot->field()] ?? null" :empty="__('form.planning_values')" />
                @endforeach
            </div>
        </details>
    @endif
</fieldset>
