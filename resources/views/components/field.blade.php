@props(['name', 'label', 'type' => 'text', 'value' => null, 'unit' => null, 'hint' => null, 'error' => null])
@php($dotted = trim(str_replace(['[', ']'], ['.', ''], $name), '.'))
@php($id = 'f-'.str_replace('.', '-', $dotted))
@php($message = $errors->first($error ?? $dotted))
<div {{ $attributes->only('class')->class(['field', 'is-wrong' => $message]) }}>
    <label for="{{ $id }}">{{ $label }}@if ($unit)<span class="unit">{{ $unit }}</span>@endif</label>
    <input id="{{ $id }}" name="{{ $name }}" type="{{ $type === 'number' ? 'text' : $type }}"
        @if ($type === 'number') inputmode="decimal" @endif
        value="{{ $type === 'password' ? '' : App\View\Old::of($dotted, $value) }}" @if ($message) aria-invalid="true" @endif
        @if ($hint || $message) aria-describedby="{{ $id }}-more" @endif {{ $attributes->except('class') }}>
    @if ($hint || $message)
        <p id="{{ $id }}-more" class="more">@if ($message)<strong>{{ $message }}</strong> @endif{{ $hint }}</p>
    @endif
</div>
