@inject('open', 'App\Planning\OpenParts')
@php($floor ??= $bench->floor)
@php($parts = $open->leftOut($floor->shop))
@if ($floor->leftOut !== [] || $parts !== [])
<section class="card" aria-label="Left out of the plan"><h2>Left out of the plan</h2>
    @foreach ($parts as $broken)<p class="finding is-warn"><b>{{ $broken->part->letter }} {{ $broken->part->name }}</b> {{ $broken->getMessage() }} <span><a href="{{ route('parts.edit', $broken->part) }}">Its brief</a></span></p>@endforeach
    @foreach ($floor->leftOut as $row)<p class="finding is-warn"><b>Can't be read</b> {{ $row }} <span>Nobody is taken to be there, and no air is taken from it. <a href="{{ route('shop.edit') }}">Shop</a></span></p>@endforeach
</section>
@endif
