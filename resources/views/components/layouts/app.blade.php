@props(['title', 'bodyClass' => ''])
@inject('format', 'App\Words\Formatter')
@inject('clock', 'App\Time\ShopClock')
@inject('planner', 'App\Planning\Planner')
@use('App\Models\Shop')
@use('App\View\Page\Rooms')
@php($user = auth()->user())
@php($reads = $user?->role->works() === false && ! request()->routeIs('account'))
<!doctype html>
<html lang="en">
<x-head :title="$title" />
<body class="{{ $bodyClass }}" data-now="{{ $clock->now()->getTimestamp() }}" data-runs="{{ $clock->runs() ? 1 : 0 }}"
    data-zone="{{ $user?->shop->zone ?? 'UTC' }}" data-sending="{{ __('app.sending') }}">
<a class="skip" href="#main">{{ __('app.skip') }}</a>
@if (request()->routeIs('bench'))<a class="skip" href="#act">{{ __('app.skip_to_due') }}</a>@endif
@auth
@php($floor = $planner->floor($user->shop))
<header class="bar">
    <a class="mark" href="{{ route('bench') }}" aria-label="{{ __('app.home') }}"><img src="/mark.svg" alt="" width="28"
        height="28"> <span>Oak Gloss</span></a>
    <nav aria-label="{{ __('app.nav') }}">
        @foreach (Rooms::of(request(), $user) as $room)
            <a href="{{ route($room['route']) }}" data-key="{{ $room['key'] }}" @class(['on' => $room['isLit']])
                @if ($room['isHere']) aria-current="page" @endif>{{ $room['name'] }}</a>
        @endforeach
    </nav>
    @if ($floor->lastReading === null)
    <p class="air"><a href="{{ route('air') }}">{{ __('app.type_air') }}</a></p>
    @else
    <p class="air"><b>{{ $format->celsius($floor->airNowC()) }}</b>
        @if ($floor->humidity() !== null)
            <span class="wide">{{ __('app.humid', [
                'rh' => round($floor->humidity()), 'dew' => $format->celsius($floor->dewPointC()),
            ]) }}</span>
        @endif
        @if ($trend = $format->trend($floor->air->risePerHour($floor->nowMin)))<em class="wide">{{ $trend }}</em>@endif
    </p>
    @endif
    <a class="plain" href="{{ route('find') }}" data-open="find" data-key="f">{{ __('app.find') }}</a>
    <button type="button" class="plain" data-open="keys" aria-label="{{ __('app.keys') }}">?</button>
    @can('own', Shop::class)<a class="plain wide" href="{{ route('people') }}">{{ __('app.people') }}</a>@endcan
    <a class="plain" href="{{ route('account') }}"
        aria-label="{{ __('app.account', ['initials' => $user->initials, 'name' => $user->name]) }}">{{ $user->initials }}</a>
    <form method="post" action="{{ route('logout') }}">
        @marks
        <button class="plain" title="{{ __('app.signed_in', ['name' => $user->name]) }}">{{ __('app.sign_out') }}</button>
    </form>
</header>
@can('skipClock', Shop::class)
<section class="clockbar" aria-label="{{ __('app.clock') }}">
    <p>{{ __('app.clock') }} <b class="num" id="demo-clock">{{ $format->time()->local($clock->nowMin())->format('D j M H:i') }}</b></p>
    <form method="post" action="{{ route('clock.skip') }}">
        @marks
        <span>{{ __('app.skip_clock') }}</span>
        @foreach (array_keys(__('app.skip_to')) as $to)
            <button name="to" value="{{ $to }}">@say("app.skip_to.{$to}")</button>
        @endforeach
    </form>
</section>
@endcan
@endauth
@auth<p class="reach" id="reach" role="status" data-words="{{ __('errors.out_of_reach') }}" hidden></p>@endauth
@if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
@if ($failed = collect(['act', 'at', 'choice', 'strike', 'minutes'])->first(fn (string $field): bool => $errors->has($field)))
    <div class="notice is-stop" role="alert"><p>{{ $errors->first($failed) }}</p><x-sure field="act" /><x-sure field="minutes" /></div>
@endif
@if ($reads)<p class="notice">{{ __('app.reads') }}</p>@endif
<main id="main" tabindex="-1">@if ($reads)<fieldset class="reads" disabled>{{ $slot }}</fieldset>@else{{ $slot }}@endif</main>
@auth
<dialog id="find" aria-labelledby="find-title">
    <h2 id="find-title">{{ __('find.title') }}</h2>
    @include('find.form', ['id' => 'find-words', 'into' => '#find-found', 'sought' => ''])
    <div id="find-found"></div>
    <form method="dialog"><button class="btn quiet">{{ __('app.close') }}</button></form>
</dialog>
<dialog id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">{{ __('app.keys') }}</h2>
    <dl class="keys">
        @foreach (Rooms::keys() as $key => $does)<dt><kbd>{{ $key }}</kbd></dt><dd>{{ $does }}</dd>@endforeach
    </dl>
    <form method="dialog"><button class="btn">{{ __('app.close') }}</button></form>
</dialog>
@endauth
</body>
</html>
