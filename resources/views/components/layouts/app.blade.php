@props(["title" => "Bench", "bodyClass" => ""])
@inject('format', 'App\Words\Formatter')
@inject('clock', 'App\Clock\ShopClock')
@inject('planner', 'App\Planning\Planner')
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"selfRequestsOnly":true}'>
    <title>{{ $title ?? 'Bench' }} · Oak Gloss</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', 'resources/js/app.js'])
</head>
<body class="{{ $bodyClass ?? '' }}" data-now="{{ (int) ($clock->now()->getTimestamp()) }}" data-runs="{{ $clock->runs() ? 1 : 0 }}">
<a class="skip" href="#main">Skip to the work</a>
@auth
@php($floor = $planner->floor(auth()->user()->shop))
<header class="bar">
    <a class="mark" href="{{ route('bench') }}" aria-label="Oak Gloss, to the bench"><img src="/mark.svg" alt="" width="28" height="28"> <span>Oak Gloss</span></a>
    <nav aria-label="Rooms">
        @foreach (array_filter(['bench' => ['Bench', 'b', 'bench'], 'parts.index' => ['Parts', 'p', 'parts.*'], 'run-sheet' => ['Run sheet', 'r', 'run-sheet*'], 'shelf' => ['Shelf', 's', 'shelf*'], 'air' => ['Air', 'a', 'air*'], 'practice' => ['Practice', 'e', 'practice*'], 'shop.edit' => ['Shop', 'o', 'shop.*']], fn (string $room): bool => $room !== 'practice' || auth()->user()->role->works(), ARRAY_FILTER_USE_KEY) as $route => [$name, $key, $pattern])
            <a href="{{ route($route) }}" data-key="{{ $key }}" @class(['on' => request()->routeIs($pattern) || ($route === 'parts.index' && request()->routeIs('weigh'))]) @if(request()->routeIs($pattern)) aria-current="page" @endif>{{ $name }}</a>
        @endforeach
    </nav>
    @php($rise = $floor->air->risePerHour($floor->nowMin))
    <p class="air"><b>{{ $format->celsius($floor->airNowC()) }}</b>
        @if ($floor->humidity() !== null)<span class="wide">{{ round($floor->humidity()) }} % · dew {{ $format->celsius($floor->dewPointC()) }}</span>@endif
        @if (abs($rise) >= 0.1)<em class="wide">{{ $rise > 0 ? 'rising' : 'falling' }} {{ number_format(abs($rise), 1) }}/h</em>@endif
    </p>
    <button type="button" class="plain" data-open="keys" aria-label="Keys">?</button>
    @can('own', App\Models\Shop::class)<a class="plain wide" href="{{ route('people') }}">People</a>@endcan
    <a class="plain" href="{{ route('account') }}" aria-label="{{ auth()->user()->initials }}: your sign-in, {{ auth()->user()->name }}">{{ auth()->user()->initials }}</a>
    <form method="post" action="{{ route('logout') }}">@marks<button class="plain" title="Signed in as {{ auth()->user()->name }}">Sign out</button></form>
</header>
@can('skipClock', App\Models\Shop::class)
<section class="clockbar" aria-label="Demo clock">
    <p>Demo clock <b class="num" id="demo-clock">{{ $format->time()->local($clock->nowMin())->format('D j M H:i') }}</b></p>
    <form method="post" action="{{ route('clock.skip') }}">@marks
        <span>Skip</span>
        <button name="to" value="window">to the next window</button>
        <button name="to" value="15">+15 min</button>
        <button name="to" value="60">+1 h</button>
        <button name="to" value="tomorrow">tomorrow<span class="wide"> 08:00</span></button>
    </form>
</section>
@endcan
@endauth
@if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
@if (isset($errors) && $errors->hasAny(['act', 'at', 'choice', 'strike', 'minutes']))
    <p class="notice is-stop" role="alert">{{ $errors->first('act') ?: ($errors->first('at') ?: ($errors->first('choice') ?: ($errors->first('strike') ?: $errors->first('minutes')))) }}</p>
@endif
@php($reads = auth()->user()?->role->works() === false && ! request()->routeIs('account'))
@if ($reads)<p class="notice">You read along. Acts are for who works in the shop.</p>@endif
<main id="main" tabindex="-1">@if ($reads)<fieldset class="reads" disabled>{{ $slot }}</fieldset>@else{{ $slot }}@endif</main>
@auth
<dialog id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">Keys</h2>
    <dl class="keys">
        <dt><kbd>b</kbd></dt><dd>Bench</dd><dt><kbd>p</kbd></dt><dd>Parts</dd><dt><kbd>r</kbd></dt><dd>Run sheet</dd><dt><kbd>s</kbd></dt><dd>Shelf</dd><dt><kbd>a</kbd></dt><dd>Air</dd><dt><kbd>e</kbd></dt><dd>Practice</dd><dt><kbd>o</kbd></dt><dd>Shop</dd>
        <dt><kbd>n</kbd></dt><dd>New part</dd><dt><kbd>w</kbd></dt><dd>Weigh the coat that is due</dd><dt><kbd>c</kbd></dt><dd>Coat is on</dd><dt><kbd>t</kbd></dt><dd>Tack check</dd><dt><kbd>m</kbd></dt><dd>Uniformly matt, in Sand</dd><dt><kbd>?</kbd></dt><dd>This help</dd>
    </dl>
    <form method="dialog"><button class="btn">Close</button></form>
</dialog>
@endauth
</body>
</html>
