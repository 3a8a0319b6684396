@use('App\View\OldInput')
<form method="post" action="{{ route('facts.store', $part) }}" class="pass" aria-label="{{ __('sand.log') }}" novalidate>
    @marks
    <input type="hidden" name="kind" value="sanded">
    <input type="hidden" name="step" value="{{ $step->step->key }}">
    <input type="hidden" name="to" value="part">
    <h3>{{ __('sand.log') }}</h3>
    <div class="row-fields">
        <x-pick name="zone" :label="__('sand.zone')" :choices="$flat->zones()" :value="OldInput::of('zone')" />
        <x-pick name="grit" :label="__('sand.paper')" :choices="$flat->grits()"
            :value="OldInput::of('grit', $step->nextGrit() ?? $ladder->last()->number)" />
        <x-pick name="how" :label="__('sand.how')" :choices="__('words.driven')" :value="OldInput::of('how', $ladder->method->value)" />
        <x-field name="minutes" :label="__('sand.minutes')" unit="min" type="number" />
    </div>
    <div class="ends">
        <button class="btn go" name="end" value="matt" data-key="m">{{ __('sand.ends.matt') }}</button>
        <button class="btn" name="end" value="lows">{{ __('sand.ends.lows') }}</button>
        <button class="btn is-stop" name="end" value="weave">{{ __('sand.ends.weave') }}</button>
        <button class="btn quiet" name="end" value="open">{{ __('sand.ends.open') }}</button>
    </div>
</form>
<div class="reminders" aria-label="{{ __('sand.at_each') }}">
    <p>{{ __($flat->isWet() ? 'sand.remind_wet' : 'sand.remind_dry') }}</p>
    <form method="post" action="{{ route('sand.change', [$part, $step->step->key]) }}">
        @marks
        @foreach ($flat->changes as $what => $count)
            @continue($what === 'water' && ! $flat->isWet())
            <button class="btn quiet" name="what" value="{{ $what }}">{{ __("sand.changes.{$what}") }} <b
                class="num">{{ $count }}</b></button>
        @endforeach
    </form>
</div>
