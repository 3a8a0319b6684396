@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('parts.new')">
<div class="new-part choose">
    <form class="ask" method="get" action="{{ route('parts.choose') }}" novalidate hx-get="{{ route('parts.choose') }}"
        hx-trigger="input changed delay:350ms, change delay:80ms" hx-target="#ways" hx-swap="outerHTML" hx-sync="this:replace">
        <header class="page-head"><h1>{{ __('parts.new') }}</h1><x-explain /></header>
        <fieldset class="card"><legend>{{ __('choose.what') }}</legend>
            <div class="grid-3">
                <x-pick name="lies" :label="__('choose.lies')" :choices="__('choose.lie')" :value="$said['lies']" class="span-2" />
                <x-pick name="substrate" :label="__('form.substrate')" :value="$said['substrate']"
                    :choices="$format->choices('substrate', OakGloss\Material\Substrate::cases())" />
                <x-pick name="form" :label="__('choose.form')" :choices="__('choose.forms')" :value="$said['form']" />
                <x-field name="length" :label="__('choose.length')" unit="mm" type="number" :value="$said['length']" />
                <x-field name="width" :label="__('choose.width')" unit="mm" type="number" :value="$said['width']" />
                <x-field name="pieces" :label="__('choose.pieces')" type="number" :value="$said['pieces']" />
                <x-pick name="finish" :label="__('form.finish')" :choices="$format->choices('finish', OakGloss\Optics\Finish::cases())"
                    :value="$said['finish']" />
                <x-pick name="skill" :label="__('choose.skill')" :choices="__('choose.skills')" :value="$said['skill']" />
                <x-pick name="purpose" :label="__('choose.purpose')" :choices="__('choose.purposes')" :value="$said['purpose']"
                    class="span-2" />
            </div>
            <div class="ticks"><span>{{ __('choose.mind') }}</span>
                @foreach (__('choose.flags') as $flag => $word)
                    <label class="tick"><input type="checkbox" name="{{ $flag }}" value="1" @checked($flags[$flag])> {{ $word }}</label>
                @endforeach
            </div>
        </fieldset>
        <noscript><p class="form-foot"><button class="btn">{{ __('choose.look') }}</button></p></noscript>
    </form>
    @include('parts.ways')
</div>
</x-layouts.app>
