@props(['field'])
{{-- What was doubted at a field, to be kept all the same: a press of its own, with everything that was typed. --}}
@if (($doubt = session(App\Http\Doubt::KEY)) && $doubt['field'] === $field)
<form method="post" action="{{ $doubt['to'] }}" class="sure">
    @marks
    @if ($doubt['method'] !== 'POST') @method($doubt['method']) @endif
    @foreach (Illuminate\Support\Arr::except($doubt['input'], ['seen']) as $name => $value)
        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
    @endforeach
    <button class="btn is-stop">{{ $doubt['yes'] }}</button>
</form>
@endif
