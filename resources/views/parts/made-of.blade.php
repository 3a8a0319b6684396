@inject('format', 'App\Words\Formatter')
<div class="grid-3 span-3" id="made-of" @if ($oob ?? false) hx-swap-oob="true" @endif>
    @if ($method->startsFrom() !== OakGloss\Method\Start::Plate)
        @php($of = $method->startsFrom() === OakGloss\Method\Start::Form ? "form.form_of" : "form.substrate")
        <x-pick name="substrate" :label="__($of)" :choices="$substrates" :value="$given['substrate']" />
    @endif
    @if (in_array($method->startsFrom(), [OakGloss\Method\Start::Part, OakGloss\Method\Start::BarePiece], true))
        <x-pick name="tone" :label="__('form.tone')" :choices="$format->choices('tone', OakGloss\Material\Tone::cases())"
            :value="$given['tone'] ?? 'black'" />
        <label class="tick"><input type="checkbox" name="primed" value="1" @checked(old('primed', $given['primed'] ?? false))>
            {{ __('form.primed') }} <small>{{ __('form.primed_what') }}</small></label>
    @endif
</div>
