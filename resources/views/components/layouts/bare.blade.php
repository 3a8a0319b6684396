@props(['title'])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Oak Gloss</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', 'resources/js/app.js'])
</head>
<body>
<main class="page">
    <p class="mark big"><img src="/mark.svg" alt="" width="40" height="40"> Oak Gloss</p>
    <section class="card calm">
        {{ $slot }}
        <p><a class="btn go" href="/">{{ __('app.to_bench') }}</a></p>
    </section>
</main>
</body>
</html>
