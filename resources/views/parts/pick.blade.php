{{-- A choice of a brief: picked where there are few, typed with its unit where there are many. --}}
@if ($of['choices'] === [])
    <x-field :name="$of['field']" :label="$of['label']" :unit="$of['unit']" type="number" :value="$of['value']" />
@else
    <x-pick :name="$of['field']" :label="$of['label']" :choices="$of['choices']" :value="$of['value']" />
@endif
