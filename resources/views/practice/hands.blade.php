@error('act')<p class="finding is-stop" role="alert">{{ $message }}</p>@enderror
<div class="hand-grid">
    @if ($room->has('wait'))
        <x-hand :run="$run" kind="wait" :zone="$zone" class="is-wide">
            <h3>{{ __('practice.hand.wait') }}</h3>
            <div class="row-fields">
                @foreach (__('practice.waits') as $min => $label)<button class="btn" name="wait_amount"
                    value="{{ $min }}">{{ $label }}</button>@endforeach
            </div>
        </x-hand>
    @endif
    @if ($room->has('mix'))
        <x-hand :run="$run" kind="mix" :zone="$zone">
            <h3>{{ __('practice.hand.mix') }}</h3>
            <div class="row-fields">
                <x-field name="mix_amount" :label="__('practice.cup_of')" unit="g" type="number" :value="26" />
                <button class="btn">{{ __('practice.mix') }}</button>
            </div>
        </x-hand>
        <x-hand :run="$run" kind="coat" :zone="$zone" class="is-bare">
            <button class="btn go" @disabled($play->cupG() <= 0)>{{ __('practice.coat') }}</button>
        </x-hand>
    @endif
    @if ($room->has('sand'))
        <x-hand :run="$run" kind="sand" :zone="$zone" class="is-wide">
            <h3>{{ __('practice.hand.sand') }}</h3>
            <div class="row-fields">
                <x-pick name="zone" :label="__('practice.zone')" :choices="__('practice.zones')" value="top" />
                <x-pick name="grit" :label="__('sand.paper')" :choices="$room->grits()" :value="240" />
                <x-pick name="driven" :label="__('sand.how')" :choices="__('words.driven')" value="wet_block" />
                <x-field name="sand_amount" :label="__('practice.for')" unit="min" type="number" :value="5" />
                <button class="btn">{{ __('practice.hand.sand') }}</button>
            </div>
        </x-hand>
    @endif
    @if ($room->has('touch'))
        <x-hand :run="$run" kind="touch" :zone="$zone">
            <h3>{{ __('practice.hand.touch') }}</h3>
            <button class="btn">{{ __('practice.touch') }}</button>
        </x-hand>
    @endif
    @if ($room->has('wipe'))
        <x-hand :run="$run" kind="wipe" :zone="$zone">
            <h3>{{ __('practice.hand.wipe') }}</h3>
            <button class="btn">{{ __('practice.wipe') }}</button>
        </x-hand>
    @endif
    @if ($room->has('spray'))
        <x-hand :run="$run" kind="spray" :zone="$zone">
            <h3>{{ __('practice.hand.spray') }}</h3>
            <div class="row-fields">
                <x-pick name="sheen" :label="__('words.choice.clear_id')" :choices="__('practice.sheens')" value="matt" />
                <x-pick name="spray_amount" :label="__('practice.coats')" :choices="[1 => '1', 2 => '2', 3 => '3']" :value="2" />
                <button class="btn">{{ __('practice.hand.spray') }}</button>
            </div>
        </x-hand>
    @endif
    @if ($room->has('polish'))
        <x-hand :run="$run" kind="polish" :zone="$zone">
            <h3>{{ __('practice.hand.polish') }}</h3>
            <div class="row-fields">
                <x-pick name="compound" :label="__('practice.compound')" :choices="__('practice.compounds')" value="cut" />
                <x-field name="polish_amount" :label="__('practice.for')" unit="min" type="number" :value="8" />
                <button class="btn">{{ __('practice.hand.polish') }}</button>
            </div>
        </x-hand>
    @endif
    @if ($room->has('lift'))
        <x-hand :run="$run" kind="lift" :zone="$zone" class="is-wide">
            <h3>{{ __('practice.hand.lift') }}</h3>
            <div class="row-fields">
                <x-field name="lift_amount" :label="__('practice.plies')" type="number" :value="4" />
                <button class="btn go">{{ __('practice.lift') }}</button>
            </div>
        </x-hand>
        <x-hand :run="$run" kind="feel" :zone="$zone">
            <h3>{{ __('practice.hand.feel') }}</h3>
            <button class="btn">{{ __('practice.feel') }}</button>
        </x-hand>
    @endif
    @if ($room->has('look'))
    <x-hand :run="$run" kind="look" :zone="$zone">
        <h3>{{ __('practice.hand.look') }}</h3>
        <button class="btn">{{ __('practice.look') }}</button>
    </x-hand>
    @endif
</div>
<form method="post" action="{{ route('practice.finish', $run) }}" class="hand-in">@marks<button
    class="btn">{{ __('practice.hand_in') }}</button></form>
