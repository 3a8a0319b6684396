{{-- What a field for a figure sends along, so that it is read as people write it. --}}
@props(['name', 'unit' => null, 'value' => null])
@inject('measures', 'App\Words\Measures')
<input type="hidden" name="measured[{{ trim(str_replace(['[', ']'], ['.', ''], $name), '.') }}]" 
    value="{{ $measures->field($unit, $value)['sent'] }}">
