{{-- Without the bar: it would want the air, and that is not what takes long. --}}
<!doctype html>
<html lang="en">
<x-head :title="__('sheet.reckoning_title')" />
<body data-now="0" data-runs="0"><main id="main" class="page">{{ $slot }}</main></body>
</html>
