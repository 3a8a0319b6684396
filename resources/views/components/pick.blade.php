@props(['name', 'label', 'choices', 'value' => null, 'hint' => null, 'empty' => null])
@php($dotted = trim(str_replace(['[', ']'], ['.', ''], $name), '.'))
@php($id = 'f-'.str_replace('.', '-', $dotted))
@php($message = $errors->first($dotted))
@php($help = App\View\FieldHelp::of($dotted))
@php($chosen = App\View\OldInput::of($dotted, $value))
<div {{ $attributes->only('class')->class(['field', 'is-wrong' => $message]) }}>
    <label for="{{ $id }}">{{ $label }}</label>
    <select id="{{ $id }}" name="{{ $name }}" @if ($message) aria-invalid="true" @endif
        @if ($hint || $message || $help) aria-describedby="{{ implode(' ', array_keys(array_filter([
            "{$id}-more" => $hint || $message, "{$id}-help" => $help,
        ]))) }}" @endif {{ $attributes->except('class') }}>
        @if ($empty !== null)<option value="">{{ $empty }}</option>@endif
        @foreach ($choices as $key => $word)<option value="{{ $key }}" @selected($chosen === (string) $key)>{{ $word }}</option>@endforeach
    </select>
    @if ($hint || $message)
        <p id="{{ $id }}-more" class="more">@if ($message)<strong>{{ $message }}</strong> @endif{{ $hint }}</p>
    @endif
    @if ($help)<p id="{{ $id }}-help" class="more help">{{ $help }}</p>@endif
</div>
