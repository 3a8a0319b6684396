<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>@yield('code') · Oak Gloss</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', 'resources/js/app.js'])
</head>
<body>
<main class="page">
    <p class="mark big"><img src="/mark.svg" alt="" width="40" height="40"> Oak Gloss</p>
    <section class="card calm">
        <h1>@switch((int) trim($__env->yieldContent('code')))
            @case(403) That belongs to another shop, or can't be changed any more @break
            @case(404) There is nothing at this address @break
            @case(419) The page lay open too long @break
            @case(429) Too many requests in a minute @break
            @case(503) The shop is closed for a moment @break
            @default Something went wrong here
        @endswitch</h1>
        <p>@switch((int) trim($__env->yieldContent('code')))
            @case(419) Go back, load the page anew and press again. Nothing was recorded. @break
            @case(429) Wait a minute, then go on. @break
            @default Nothing that was recorded is lost. @endswitch</p>
        <p><a class="btn go" href="/">To the bench</a></p>
    </section>
</main>
</body>
</html>
