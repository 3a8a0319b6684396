@props(['kind', 'id'])
@foreach ($kind::entries() as $entry)
    @continue(! $entry->isTyped)
    @php([$name, $label] = ["{$id}-{$entry->name}", __('facts.'.$kind::KIND.".{$entry->name}")])
    <label for="{{ $name }}">{{ $label }}</label>
    @if ($entry->choices !== [])
        <select id="{{ $name }}" name="{{ $entry->name }}">
            @foreach ($entry->choices as $choice)<option value="{{ $choice }}">{{ __('facts.'.$kind::KIND.".{$entry->name}_{$choice}") }}</option>@endforeach
        </select>
    @else
        <input id="{{ $name }}" name="{{ $entry->name }}" @if ($entry->type === 'text') maxlength="{{ (int) $entry->most }}" @else inputmode="decimal" @endif @required($entry->isRequired)>
    @endif
@endforeach
