@props(['kind', 'id'])
@foreach ($kind::entries() as $entry)
    @continue(! $entry->isTyped)
    @php([$name, $label] = ["{$id}-{$entry->name}", 'facts.'.$kind::KIND.".{$entry->name}"])
    <label for="{{ $name }}">{{ __($label) }}</label>
    @if ($entry->choices !== [])
        <select id="{{ $name }}" name="{{ $entry->name }}">
            @foreach ($entry->choices as $choice)<option value="{{ $choice }}">{{ __("{$label}_{$choice}") }}</option>@endforeach
        </select>
    @else
        <input id="{{ $name }}" name="{{ $entry->name }}" @required($entry->isRequired)
            @if ($entry->type === 'text') maxlength="{{ (int) $entry->most }}" @else inputmode="decimal" @endif>
    @endif
@endforeach
