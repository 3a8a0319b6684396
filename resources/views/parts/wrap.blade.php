{{-- Cloth is wrapped and holes are cut where there is cloth. --}}
@php($hasCloth = in_array(OakGloss\Method\Slot::Cloth, OakGloss\Method\Methods::slots($method), true))
<div class="grid-3" id="wrap" @if ($oob ?? false) hx-swap-oob="true" @endif>
    @if ($hasCloth)
        <x-field name="wrap_mm" :label="__('form.wrap')" unit="mm" type="number" :value="$given['wrap_mm'] ?? 30" />
        <x-field name="holes" :label="__('form.holes')" type="number" :value="$given['holes'] ?? 0" />
    @else
        <input type="hidden" name="wrap_mm" value="{{ $given['wrap_mm'] ?? 30 }}">
        <input type="hidden" name="holes" value="{{ $given['holes'] ?? 0 }}">
    @endif
</div>
