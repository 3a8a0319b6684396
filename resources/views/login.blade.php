<x-layouts.app :title="__('app.sign_in.title')" body-class="sign-in">
    <div class="gate">
        <div class="gate-weave" aria-hidden="true"></div>
        <form class="sheet" method="post" action="/login" novalidate>
            @csrf
            <p class="mark big"><img src="/mark.svg" alt="" width="40" height="40"> Oak Gloss</p>
            <h1>{{ __('app.sign_in.title') }}</h1>
            <x-field name="email" :label="__('app.sign_in.email')" type="email" autocomplete="username" required autofocus />
            <x-field name="password" :label="__('app.sign_in.password')" type="password" autocomplete="current-password" required />
            <label class="tick"><input type="checkbox" name="remember" value="1"> {{ __('app.sign_in.remember') }}</label>
            <button class="btn go wide-btn">{{ __('app.sign_in.title') }}</button>
            @if ($demo)
                <div class="demo-login">
                    <p>{{ __('app.sign_in.demo') }}</p>
                    <p><b>{{ $demo['email'] }}</b><br><b>{{ $demo['password'] }}</b></p>
                </div>
            @endif
        </form>
    </div>
</x-layouts.app>
