@props(['what'])
<details class="why">
    <summary>{{ __('app.why') }}<span class="visually-hidden"> {{ $what }}</span></summary>
    <div class="why-body">{{ $slot }}</div>
</details>
