@inject('format', 'App\Words\Formatter')
<div class="span-2" id="shape" @if ($oob ?? false) hx-swap-oob="true" @endif>
    <x-pick name="shape" :label="__('form.shape')" :value="$shape"
        :choices="array_combine($shapes, array_map(fn (string $s): string => $format->word('shape', $s), $shapes))" />
</div>
