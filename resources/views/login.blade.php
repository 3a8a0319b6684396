<x-layouts.app title="Sign in" body-class="sign-in">
    <div class="gate">
        <div class="gate-weave" aria-hidden="true"></div>
        <form class="sheet" method="post" action="/login" novalidate>
            @csrf
            <p class="mark big"><img src="/mark.svg" alt="" width="40" height="40"> Oak Gloss</p>
            <h1>Sign in</h1>
            <x-field name="email" label="Address" type="email" autocomplete="username" required autofocus />
            <x-field name="password" label="Password" type="password" autocomplete="current-password" required />
            <label class="tick"><input type="checkbox" name="remember" value="1"> Stay signed in on this device</label>
            <button class="btn go wide-btn">Sign in</button>
            @if ($demo)
                <div class="demo-login">
                    <p>This is the demo workshop. Sign in with</p>
                    <p><b>{{ $demo['email'] }}</b><br><b>{{ $demo['password'] }}</b></p>
                </div>
            @endif
        </form>
    </div>
</x-layouts.app>
