<x-layouts.app :title="__('money.settings')">
<div class="page">
    <header class="page-head"><h1>{{ __('money.settings') }}</h1><x-explain /><a class="btn quiet"
        href="{{ route('shop.edit') }}">{{ __('money.to_shop') }}</a></header>
    <form method="post" action="{{ route('shop.money.update') }}" novalidate data-showed>
        @marks
        @method('PUT')
        @if ($errors->any())
            <p class="finding is-stop" role="alert"><b>{{ __('form.not_kept') }}</b>
                {{ trans_choice('form.another_look', $errors->count()) }}</p>
        @endif
        <fieldset class="card"><legend>{{ __('money.rates') }}</legend>
            <div class="grid-3">
                <x-field name="currency" :label="__('money.fields.currency')" :value="$money->currency" :hint="__('money.hints.currency')"
                    maxlength="3" />
                <x-field name="digits" :label="__('money.fields.digits')" :value="$money->digits" type="number"
                    :hint="__('money.hints.digits')" />
                @foreach (App\Http\Requests\MoneyRequest::AMOUNTS as $field => $name)
                    <x-field :name="$field" :label="__('money.fields.'.$field)" :value="$money->typed($money->{$name})" type="number"
                        :unit="$money->currency" :hint="__('money.hints.'.$field)" />
                @endforeach
                @foreach (['waste', 'margin', 'tax'] as $field)
                    <x-field :name="$field" :label="__('money.fields.'.$field)" :value="$money->{$field}" type="number" unit="%"
                        :hint="__('money.hints.'.$field)" />
                @endforeach
                <x-field name="validDays" :label="__('money.fields.valid')" :value="$money->validDays" type="number"
                    :unit="__('money.days')" />
            </div>
        </fieldset>
        <fieldset class="card"><legend>{{ __('money.paper') }}</legend>
            @foreach (['terms', 'excluded', 'footer'] as $field)
                <div class="field">
                    <label for="f-{{ $field }}">{{ __("money.fields.{$field}") }}</label>
                    <textarea id="f-{{ $field }}" name="{{ $field }}" rows="{{ $field === 'footer' ? 2 : 4 }}"
                        @error($field) aria-invalid="true" @enderror>{{ App\View\OldInput::of($field, $money->{$field}) }}</textarea>
                    @error($field)<p class="more"><strong>{{ $message }}</strong></p>@enderror
                </div>
            @endforeach
        </fieldset>
        <p class="form-foot"><button class="btn go">{{ __('bench.keep') }}</button></p>
    </form>
</div>
</x-layouts.app>
