<x-layouts.app title="Your sign-in">
<div class="page">
    <header class="page-head"><h1>{{ auth()->user()->name }}</h1><p>{{ auth()->user()->email }} · {{ __('words.role.'.auth()->user()->role->value) }}</p></header>
    <section class="card" aria-labelledby="password-title"><h2 id="password-title">Password</h2>
        <form method="post" action="{{ route('account.password') }}" class="grid-3" novalidate>@marks @method('PUT')
            <input type="text" name="username" autocomplete="username" value="{{ auth()->user()->email }}" hidden>
            <x-field name="current" label="Present password" type="password" autocomplete="current-password" />
            <x-field name="password" label="New password" type="password" autocomplete="new-password" hint="12 to 200 characters. Four words in a row are a good one." />
            <x-field name="password_confirmation" label="The new one again" type="password" autocomplete="new-password" />
            <p class="form-foot"><button class="btn go">Change it</button></p>
        </form>
    </section>
    <section class="card" aria-labelledby="ends-title"><h2 id="ends-title">Sign-ins</h2>
        <p>A sign-in ends after twelve hours, on a device that you stay signed in on after thirty days.</p>
        @can('own', App\Models\Shop::class)<p><a href="{{ route('people') }}">Everybody who works here</a></p>@endcan
        <form method="post" action="{{ route('account.everywhere') }}">@marks<button class="btn">Sign out everywhere</button></form>
    </section>
</div>
</x-layouts.app>
