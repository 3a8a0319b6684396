<x-layouts.app title="Set a password" body-class="sign-in">
    <div class="gate">
        <div class="gate-weave" aria-hidden="true"></div>
        <form class="sheet" method="post" action="{{ route('join', $token) }}" novalidate>
            @csrf
            <p class="mark big"><img src="/mark.svg" alt="" width="40" height="40"> Oak Gloss</p>
            <h1>Welcome, {{ $person->name }}</h1>
            <p>This link works once. Set your password; you sign in with <b>{{ $person->email }}</b>.</p>
            <input type="text" name="username" autocomplete="username" value="{{ $person->email }}" hidden>
            <x-field name="password" label="Password" type="password" autocomplete="new-password" hint="12 to 200 characters. Four words in a row are a good one." required autofocus />
            <x-field name="password_confirmation" label="The same again" type="password" autocomplete="new-password" required />
            <button class="btn go wide-btn">Set it and sign in</button>
        </form>
    </div>
</x-layouts.app>
