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
            @if (old('kind') === $kind::KIND) value="{{ App\View\Old::of($entry->name) }}" @endif
            @if (old('kind') === $kind::KIND && $errors->has($entry->name)) aria-invalid="true" aria-describedby="{{ $name }}-more" @endif
            @if ($entry->type === 'text') maxlength="{{ (int) $entry->most }}" @else inputmode="decimal" @endif>
    @endif
    @if (old('kind') === $kind::KIND && $errors->has($entry->name))
        <p id="{{ $name }}-more" class="more"><strong>{{ $errors->first($entry->name) }}</strong></p>
    @endif
@endforeach
