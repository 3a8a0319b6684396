@props(['part', 'field', 'value', 'title', 'isTaken', 'isOpen', 'figures' => null, 'names' => null])
{{-- One way to make the surface, and the button that takes it. --}}
<form method="post" action="{{ route('parts.choice', $part) }}" @class(['top', 'is-taken' => $isTaken])>
    @marks @method('PUT')
    <input type="hidden" name="field" value="{{ $field }}">
    <h3>{{ $title }}</h3>
    @if ($figures)<p class="num">{{ $figures }}</p>@endif
    <p class="soft">{{ $slot }}</p>
    @if ($isTaken)
        <p class="soft">{{ __('clear.taken') }}</p>
    @else
        <button class="btn" name="value" value="{{ $value }}" @disabled(! $isOpen)
            >{{ __('clear.take') }}@if ($names)<span class="visually-hidden"> {{ $names }}</span>@endif</button>
    @endif
</form>
