@props(['title'])
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    {{-- Without it htmx would write a style of its own, which the policy of the page forbids. --}}
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"selfRequestsOnly":true}'>
    <title>{{ $title }} · Oak Gloss</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', 'resources/js/app.js'])
</head>
