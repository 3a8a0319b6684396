{{-- Without the bar: it would want the air, and that is not what takes long. --}}
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"selfRequestsOnly":true}'>
    <title>Reckoning · Oak Gloss</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.scss', 'resources/js/app.js'])
</head>
<body data-now="0" data-runs="0"><main id="main" class="page">{{ $slot }}</main></body>
</html>
