@props(['title'])
<!doctype html>
<html lang="en">
<x-head :title="$title" />
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
