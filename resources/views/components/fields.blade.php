@props(['kind', 'id'])
@foreach ($kind::fields() as $field)
    @continue(! $field->isTyped)
    @php([$name, $label] = ["{$id}-{$field->name}", 'facts.'.$kind::KIND.".{$field->name}"])
    <label for="{{ $name }}">{{ __($label) }}</label>
    @if ($field->choices !== [])
        <select id="{{ $name }}" name="{{ $field->name }}">
            @foreach ($field->choices as $choice)<option value="{{ $choice }}">{{ __("{$label}_{$choice}") }}</option>@endforeach
        </select>
    @else
        @if ($field->type->isNumber())<x-measured :name="$field->name" :unit="$field->unit" />@endif
        <input id="{{ $name }}" name="{{ $field->name }}" @required($field->isRequired)
            @if (old('kind') === $kind::KIND) value="{{ App\View\OldInput::of($field->name) }}" @endif
            @if (old('kind') === $kind::KIND && $errors->has($field->name)) aria-invalid="true" aria-describedby="{{ $name }}-more" @endif
            @if ($field->type === OakGloss\Quantity\FieldType::Text) maxlength="{{ (int) $field->most }}" @else inputmode="decimal" @endif>
    @endif
    @if (old('kind') === $kind::KIND && $errors->has($field->name))
        <p id="{{ $name }}-more" class="more"><strong>{{ $errors->first($field->name) }}</strong></p>
    @endif
@endforeach
