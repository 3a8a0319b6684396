<x-layouts.app :title="__('people.join.title')" body-class="sign-in">
    <div class="gate">
        <div class="gate-weave" aria-hidden="true"></div>
        <form class="sheet" method="post" action="{{ route('join', $token) }}" novalidate>
            @csrf
            <p class="mark big"><img src="/mark.svg" alt="" width="40" height="40"> Oak Gloss</p>
            <h1>{{ __('people.join.welcome', ['name' => $person->name]) }}</h1>
            <p>@say('people.join.once', ['email' => $person->email])</p>
            <input type="text" name="username" autocomplete="username" value="{{ $person->email }}" hidden>
            <x-field name="password" :label="__('app.sign_in.password')" type="password" autocomplete="new-password"
                :hint="__('people.good_password')" required autofocus />
            <x-field name="password_confirmation" :label="__('people.join.again')" type="password" autocomplete="new-password" required />
            <button class="btn go wide-btn">{{ __('people.join.set') }}</button>
        </form>
    </div>
</x-layouts.app>
