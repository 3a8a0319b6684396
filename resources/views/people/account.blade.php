@php($user = auth()->user())
<x-layouts.app :title="__('people.account')">
<div class="page">
    <header class="page-head"><h1>{{ $user->name }}</h1><p>{{ $user->email }} · {{ __("words.role.{$user->role->value}") }}</p></header>
    <section class="card" aria-labelledby="measures-title">
        <h2 id="measures-title">{{ __('people.measures') }}</h2>
        <form method="post" action="{{ route('account.measures') }}" class="row-fields">
            @marks @method('PUT')
            <x-pick name="measures" :label="__('people.measures_read')" :choices="__('people.measure')" :value="$user->measures"
                :hint="__('people.measures_kept')" />
            <x-pick name="figures" :label="__('people.figures')" :choices="__('people.figure')" :value="$user->figures"
                :hint="__('people.figures_why')" />
            <button class="btn">{{ __('stock.do') }}</button>
        </form>
    </section>
    <section class="card" aria-labelledby="password-title">
        <h2 id="password-title">{{ __('app.sign_in.password') }}</h2>
        <form method="post" action="{{ route('account.password') }}" class="grid-3" novalidate>
            @marks @method('PUT')
            <input type="text" name="username" autocomplete="username" value="{{ $user->email }}" hidden>
            <x-field name="current" :label="__('people.present')" type="password" autocomplete="current-password" />
            <x-field name="password" :label="__('people.new_password')" type="password" autocomplete="new-password"
                :hint="__('people.good_password')" />
            <x-field name="password_confirmation" :label="__('people.new_again')" type="password" autocomplete="new-password" />
            <p class="form-foot"><button class="btn go">{{ __('people.change') }}</button></p>
        </form>
    </section>
    <section class="card" aria-labelledby="ends-title">
        <h2 id="ends-title">{{ __('people.sign_ins') }}</h2>
        <p>{{ __('people.ends') }}</p>
        @can('own', App\Models\Shop::class)<p><a href="{{ route('people') }}">{{ __('people.everybody') }}</a></p>@endcan
        <form method="post" action="{{ route('account.everywhere') }}">@marks<button
            class="btn">{{ __('people.out_everywhere') }}</button></form>
    </section>
</div>
</x-layouts.app>
