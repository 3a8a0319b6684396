@props(['name'])
{{-- Of which part and step a button is, for who does not see beside what it stands. --}}
<span class="visually-hidden">, {{ $name }}</span>
