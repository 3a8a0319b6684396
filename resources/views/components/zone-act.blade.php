@props(['name'])
<button type="button" class="btn quiet" name="{{ $name }}" hx-post="{{ route('parts.answer') }}" hx-include="closest form"
    hx-target="#answer"
    hx-swap="outerHTML" {{ $attributes }}>{{ $slot }}</button>
