@props(['of'])
@if ($of !== [])
<ul class="findings">
    @foreach ($of as $finding)<x-finding :finding="$finding" />@endforeach
</ul>
@endif
