{{-- A label in two minutes: what nearly every one says is asked, the rest is assumed and says so. --}}
@php($fields = collect($form->fields())->keyBy('name'))
<x-layouts.app :title="__('shelf.short.title')">
<div class="page shelf-form short-form">
    <header class="page-head"><h1>{{ __('shelf.short.title') }}</h1>
        <x-explain />
        <a class="btn quiet" href="{{ route('shelf.create', $kind::NAME) }}">{{ __('shelf.short.all') }}</a></header>
    <nav class="tabs kinds" aria-label="{{ __('shelf.short.chemistry') }}">
        @foreach (App\Shelf\ShortForm::cases() as $other)
            <a href="{{ route('shelf.short', $other) }}" @class(['on' => $other === $form])
                @if ($other === $form) aria-current="page" @endif>{{ __("shelf.short.forms.{$other->value}") }}</a>
        @endforeach
    </nav>
    <form method="post" action="{{ route('shelf.store', $kind::NAME) }}" novalidate>
        @marks
        <input type="hidden" name="short" value="{{ $form->value }}">
        @if ($errors->any())
            <p class="finding is-stop" role="alert"><b>{{ __('form.not_kept') }}</b> {{
                trans_choice('form.another_look', $errors->count()) }} {{ $errors->first('sheet') }}</p>
        @endif
        @foreach (__("shelf.short.groups.{$form->value}") as $group => $names)
            <fieldset class="card"><legend>{{ $group }}</legend>
                <div class="grid-3">
                    @foreach ($names as $name)
                        @if ($name === 'name')
                            <x-field name="name" :label="__('form.name')" maxlength="80" :hint="__('shelf.short.name_hint')" />
                        @elseif ($name === 'catalyst_rows')
                            <div class="sheet-rows span-3">
                            @for ($i = 0; $i < 3; $i++)
                                <x-field :name="'catalyst_rows['.$i.'][c]'" :label="__('shelf.short.catalyst_c', ['n' => $i + 1])"
                                    unit="°C" type="number" />
                                <x-field :name="'catalyst_rows['.$i.'][percent]'" :label="__('shelf.catalyst.percent')" unit="%"
                                    type="number" />
                            @endfor
                            </div>
                        @elseif ($name === 'catalyst_drops_g')
                            <x-field name="catalyst_drops_g" :label="__('shelf.catalyst.drops_g')" type="number"
                                :hint="__('shelf.catalyst.drops_g_hint')" />
                        @elseif ($name === 'waxed')
                            <label class="tick"><input type="checkbox" name="waxed" value="1" @checked(old('waxed'))> {{
                                __('shelf.short.waxed') }}</label>
                        @else
                            <div @class(['by-weight' => $name === 'hardener_phr', 'by-volume' => str_starts_with($name, 'volume_')
                                || in_array($name, ['density_resin_g_cm3', 'density_hardener_g_cm3'], true)])>
                                <x-shelf-field :field="$fields[$name]" :value="null" /></div>
                        @endif
                    @endforeach
                </div>
                @if ($help = __('shelf.short.help')[$form->value][$group] ?? null)<p class="soft">{{ $help }}</p>@endif
            </fieldset>
        @endforeach
        <p class="form-foot"><button class="btn go">{{ __('shelf.short.do') }}</button></p>
        <p class="soft">{{ __('shelf.short.assumed') }}</p>
    </form>
</div>
</x-layouts.app>
