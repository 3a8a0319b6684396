@props(['field', 'value'])
@if ($field->type === OakGloss\Quantity\FieldType::Choice)
    <x-pick :name="$field->name" :label="$field->label" :choices="$field->words" :value="$value" />
@elseif ($field->type === OakGloss\Quantity\FieldType::Flag)
    <label class="tick"><input type="checkbox" name="{{ $field->name }}" value="1"
        @checked(old($field->name, $value ?? false))> <span>{{ $field->label }}<small class="more help">{{
            App\View\FieldHelp::of($field->name) }}</small></span></label>
@else
    <x-field :name="$field->name" :label="$field->label" :unit="$field->unit" type="number" :value="$value" :hint="$field->hint ?: null" />
@endif
