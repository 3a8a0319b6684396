@props(['name', 'label', 'type' => 'text', 'value' => null, 'unit' => null, 'hint' => null, 'error' => null])
@inject('measures', 'App\Words\Measures')
@php($dotted = trim(str_replace(['[', ']'], ['.', ''], $name), '.'))
@php($id = 'f-'.str_replace('.', '-', $dotted))
@php($message = $errors->first($error ?? $dotted))
@php($help = App\View\FieldHelp::of($dotted))
@php($measured = $type === 'number' ? $measures->field($unit, $value) : null)
<div {{ $attributes->only('class')->class(['field', 'is-wrong' => $message]) }}>
    <label for="{{ $id }}">{{ $label }}@if ($unit)<span class="unit">{{ $measured['unit'] ?? $unit }}</span>@endif</label>
    <input id="{{ $id }}" name="{{ $name }}" type="{{ $type === 'number' ? 'text' : $type }}"
        @if ($type === 'number') inputmode="{{ $measures->isMeasure($unit) ? 'text' : 'decimal' }}" @endif
        value="{{ $type === 'password' ? '' : App\View\OldInput::of($dotted, $measured['shown'] ?? $value) }}"
        @if ($message) aria-invalid="true" @endif
        @if ($hint || $message || $help) aria-describedby="{{ implode(' ', array_keys(array_filter([
            "{$id}-more" => $hint || $message, "{$id}-help" => $help,
        ]))) }}" @endif {{ $attributes->except('class') }}>
    @if ($measured)<input type="hidden" name="measured[{{ $dotted }}]" value="{{ $measured['sent'] }}">@endif
    @if ($hint || $message)
        <p id="{{ $id }}-more" class="more">@if ($message)<strong>{{ $message }}</strong> @endif{{ $hint }}</p>
    @endif
    @if ($help)<p id="{{ $id }}-help" class="more help">{{ $help }}</p>@endif
</div>
