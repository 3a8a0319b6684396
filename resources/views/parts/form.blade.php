@inject('format', 'App\Words\Formatter')
@use('App\View\OldInput')
@php($shape = App\Planning\Shapes::fitting($method, OldInput::of('shape', $part?->shape ?? '')))
@php($unit = OldInput::of('unit', $part?->unit ?? (auth()->user()->measures === 'us' ? 'in' : 'mm')))
@php($typed = (bool) old('zones_typed', $part?->zones_typed ?? false) || $shape === 'faces')
<x-layouts.app :title="$part ? __('form.change_of', ['part' => $part->name]) : __('parts.new')">
<form class="new-part" method="post" action="{{ $part ? route('parts.update', $part) : route('parts.store') }}" novalidate
    @if ($part) data-showed @endif
    hx-post="{{ route('parts.answer') }}" hx-trigger="input changed delay:350ms, change delay:80ms, load"
    hx-target="#answer" hx-swap="outerHTML" hx-sync="this:replace">
    @marks
    @if ($part)
        @method('PUT')
        <input type="hidden" name="editing" value="{{ $part->id }}">
    @endif
    @if (old('trial'))<input type="hidden" name="trial" value="1">@endif
    <input type="hidden" name="picked" value="{{ old('picked') }}">
    <div class="questions">
        <header class="page-head"><h1>{{ $part ? __('form.change') : __('parts.new') }}</h1><x-explain /></header>
        @if ($errors->any())
            <p class="finding is-stop" role="alert">
                <b>{{ __('form.not_kept') }}</b> {{ trans_choice('form.another_look', count($errors->all())) }}
                <span>{{ __('form.nothing_lost') }}</span>
            </p>
        @endif
        @if ($holds !== [])
            <details class="finding is-note"><summary>{{ __('form.held_title') }}</summary>
                <ul>@foreach ($holds as $hold)<li>{{ $hold }}</li>@endforeach</ul></details>
        @endif
        @if (old('trial'))<p class="finding is-note">@say('form.trial')</p>@endif
        <fieldset class="card"><legend>{{ __('parts.one') }}</legend>
            <div class="grid-3">
                <x-field name="name" :label="__('form.name')" :value="$part?->name" class="span-2" maxlength="60" required />
                <x-pick name="letter" :label="__('form.letter')" :choices="array_combine($letters, $letters)"
                    :value="$part?->letter ?? ($letters[0] ?? 'A')" />
                <x-pick name="method" :label="__('form.method')" :choices="$methods" :value="$method::code()" class="span-2" />
                @include('parts.made-of')
            </div>
        </fieldset>
        <fieldset class="card"><legend>{{ __('form.size') }}</legend>
            <div class="grid-3">
                @include('parts.shape')
                <x-pick name="unit" :label="__('form.unit')" :choices="__('form.units')" :value="$unit" />
            </div>
            @php($sizes = OldInput::list('sizes', $part?->sizes ?? []))
            @include('parts.drawn')
            @include('parts.sizes')
            @error('sizes')<p class="more"><strong>{{ $message }}</strong></p>@enderror
            @include('parts.wrap', ['given' => ['wrap_mm' => $part?->wrap_mm ?? 30, 'holes' => $part?->holes ?? 0]])
        </fieldset>
        <fieldset class="card"><legend>{{ __('form.life') }}</legend>
            <div class="grid-3">
                <x-pick name="finish" :label="__('form.finish')" :choices="$format->choices('finish', OakGloss\Optics\Finish::cases())"
                    :value="$part?->finish ?? 'gloss'" />
                <x-field name="needed_by" :label="__('form.needed_by')" type="datetime-local"
                    :value="$part?->needed_by?->setTimezone($part->shop->zone)->format('Y-m-d\TH:i')" />
                @if ($part)
                    <x-field name="customer" :label="__('money.customer')" :value="$customer?->name" maxlength="80" autocomplete="off" />
                @endif
                <x-pick name="priority" :label="__('form.priority')" :choices="__('words.priority')" :value="$part->priority ?? 'normal'" />
            </div>
            <div class="ticks"><span>{{ __('form.will_see') }}</span>
                @foreach (__('form.lives') as $life => $word)
                    <label class="tick"><input type="checkbox" name="{{ $life }}" value="1"
                        @checked(old($life, $part?->$life))> {{ $word }}</label>
                @endforeach
            </div>
        </fieldset>
        @include('parts.with')
        <details class="card line-fold" @if ($typed || $errors->has('zones*')) open @endif>
            <summary><h2>{{ __('zones.title') }}</h2></summary>
            @include('parts.zones', ['rows' => $zoneRows, 'typed' => $typed, 'unit' => $unit])
        </details>
        <p class="form-foot">
            <button class="btn go">{{ __($part ? 'form.keep' : 'form.plan') }}</button>
            <a class="btn quiet" href="{{ $part ? route('parts.show', $part) : route('parts.index') }}"
                >{{ __($part ? 'form.back' : 'form.not_now') }}</a>
        </p>
    </div>
    @include('parts.answer')
</form>
</x-layouts.app>
