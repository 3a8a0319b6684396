@props(['field', 'value'])
@if ($field->type === 'choice')
    <x-pick :name="$field->name" :label="$field->label" :choices="$field->choices" :value="$value" />
@elseif ($field->type === 'flag')
    <label class="tick"><input type="checkbox" name="{{ $field->name }}" value="1"
        @checked(old($field->name, $value ?? false))> {{ $field->label }}</label>
@else
    <x-field :name="$field->name" :label="$field->label" :unit="$field->unit" type="number" :value="$value" :hint="$field->hint ?: null" />
@endif
