@php($coat = $call->leftoverOf())
<details class="ask fold">
    <summary><x-tag :part="$part" class="small" /> <span class="btn quiet">{{ __('bench.cup_left') }}</span></summary>
    <x-act :part="$part" kind="cup_left" :step="$coat->step->key" class="late">
        <p class="soft">{{ __('bench.cup_left_why', ['coat' => lcfirst($format->step($coat->step))]) }}</p>
        <x-fields :kind="OakGloss\Fact\Kind\CupLeft::class" :id="'cup-left-'.$part->id" />
        <button class="btn">{{ __('bench.keep') }}</button>
    </x-act>
</details>
