@props(['title', 'isPress' => false])
<!doctype html>
<html lang="en">
<x-head :title="$title" />
<body>
<main class="page">
    <p class="mark big"><img src="data:image/svg+xml;base64,{{ base64_encode((string) file_get_contents(public_path('mark.svg'))) }}"
        alt="" width="40" height="40"> Oak Gloss</p>
    <section class="card calm">
        {{ $slot }}
        <p><a @class(['btn', 'go' => ! $isPress]) href="/">{{ __('app.to_bench') }}</a></p>
    </section>
</main>
</body>
</html>
