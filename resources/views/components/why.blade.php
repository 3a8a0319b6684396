@props(['what'])
<details class="why">
    <summary>why<span class="visually-hidden"> {{ $what }}</span></summary>
    <div class="why-body">{{ $slot }}</div>
</details>
