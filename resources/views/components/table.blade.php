@props(['columns', 'scroll' => null])
@if ($scroll)<div class="table-scroll" tabindex="0" role="group" aria-label="{{ $scroll }}">@endif
<table {{ $attributes->class(['num']) }}>
    <thead><tr>@foreach ($columns as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
    <tbody>{{ $slot }}</tbody>
</table>
@if ($scroll)</div>@endif
