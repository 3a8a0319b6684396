@inject('format', 'App\Words\Formatter')
<x-layouts.app title="People">
<div class="page">
    <header class="page-head"><h1>People</h1><p><a href="{{ route('audit') }}">Audit list</a></p></header>
    @if (session('link'))
        <section class="card" aria-labelledby="link-title"><h2 id="link-title">One-time link for {{ session('link')['for'] }}</h2>
            <p>It is shown this once, works once and for seven days. Whoever holds it sets the password: hand it over, or print it.</p>
            <div class="field"><label for="link">Link</label><input id="link" readonly value="{{ session('link')['address'] }}"></div>
            <p><button type="button" class="btn" data-print>Print</button></p>
        </section>
    @endif
    <section class="card" aria-labelledby="people-title"><h2 id="people-title">Who works here</h2>
        <ul class="people">
        @foreach ($people as $person)
            <li @class(['has-left' => $person->left_at])>
                <p><b>{{ $person->name }}</b> <span class="soft">{{ $person->initials }} · {{ $person->email }}</span><br>
                    <span class="soft">@if ($person->left_at) left {{ $format->date(App\Time\ShopTime::minutes($person->left_at)) }}@elseif ($person->signed_in_at) last signed in {{ $format->date(App\Time\ShopTime::minutes($person->signed_in_at)) }}@else has not signed in yet @endif</span></p>
                @if ($person->left_at)
                    <form method="post" action="{{ route('people.back', $person) }}">@marks<button class="btn quiet">Take back</button></form>
                @else
                    <form method="post" action="{{ route('people.role', $person) }}" class="one-line">@marks @method('PUT')
                        <div class="field"><label for="role-{{ $person->id }}">Is</label><select id="role-{{ $person->id }}" name="role">@foreach (App\Models\Role::cases() as $role)<option value="{{ $role->value }}" @selected($person->role === $role)>{{ __('words.role.'.$role->value) }}</option>@endforeach</select></div>
                        <button class="btn">Keep</button></form>
                    <div class="acts"><form method="post" action="{{ route('people.link', $person) }}">@marks<button class="btn quiet">New one-time link</button></form>
                    @if (! $person->is($me))<form method="post" action="{{ route('people.leave', $person) }}">@marks<button class="btn quiet">Has left</button></form>@endif</div>
                @endif
            </li>
        @endforeach
        </ul>
    </section>
    <section class="card" aria-labelledby="new-title"><h2 id="new-title">Somebody new</h2>
        <form method="post" action="{{ route('people.store') }}" class="grid-3" novalidate>@marks
            <x-field name="name" label="Name" maxlength="80" autocomplete="off" />
            <x-field name="initials" label="Initials" maxlength="3" autocomplete="off" hint="on the run sheet" />
            <x-field name="email" label="Address to sign in with" type="email" autocomplete="off" />
            <x-pick name="role" label="Is" :choices="collect(App\Models\Role::cases())->mapWithKeys(fn ($r) => [$r->value => __('words.role.'.$r->value)])->all()" value="finisher" />
            <p class="form-foot"><button class="btn go">Add, and show a link</button></p>
        </form>
    </section>
</div>
</x-layouts.app>
