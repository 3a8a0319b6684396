@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('app.people')">
<div class="page">
    <header class="page-head"><h1>{{ __('app.people') }}</h1><p><a href="{{ route('audit') }}">{{ __('people.audit') }}</a></p></header>
    @if ($link = session('link'))
        <section class="card" aria-labelledby="link-title">
            <h2 id="link-title">{{ __('people.link_for', ['name' => $link['for']]) }}</h2>
            <p>{{ __('people.link_once') }}</p>
            <div class="field"><label for="link">{{ __('people.link') }}</label><input id="link" readonly
                value="{{ $link['address'] }}"></div>
            <p><button type="button" class="btn" data-print>{{ __('record.print') }}</button></p>
        </section>
    @endif
    @if (! $isOpen)
        <form method="post" action="{{ route('people.password') }}" class="card row-fields" novalidate>
            @marks
            <x-field name="password" :label="__('people.your_password')" type="password" autocomplete="current-password"
                :hint="__('people.password_why')" />
            <button class="btn go">{{ __('people.password_go') }}</button>
        </form>
    @endif
    <section class="card" aria-labelledby="people-title">
        <h2 id="people-title">{{ __('people.who') }}</h2>
        <ul class="people">
            @foreach ($people as $person)@include('people.person')@endforeach
        </ul>
    </section>
    <section class="card" aria-labelledby="new-title">
        <h2 id="new-title">{{ __('people.new') }}</h2>
        <form method="post" action="{{ route('people.store') }}" class="grid-3" novalidate>
            @marks
            <x-field name="name" :label="__('form.name')" maxlength="80" autocomplete="off" />
            <x-field name="initials" :label="__('people.initials')" maxlength="3" autocomplete="off" :hint="__('people.initials_where')" />
            <x-field name="email" :label="__('people.email')" type="email" autocomplete="off" />
            <x-pick name="role" :label="__('people.is')" :choices="__('words.role')" value="finisher" />
            <p class="form-foot"><button class="btn go">{{ __('people.add') }}</button></p>
        </form>
    </section>
</div>
</x-layouts.app>
