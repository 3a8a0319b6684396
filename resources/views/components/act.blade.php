@props(['part', 'kind', 'step', 'to' => 'bench', 'grit' => null])
<form method="post" action="{{ route('facts.store', $part) }}" {{ $attributes }}>
    @marks
    <input type="hidden" name="kind" value="{{ $kind }}">
    <input type="hidden" name="step" value="{{ $step }}">
    <input type="hidden" name="to" value="{{ $to }}">
    @if ($grit !== null)<input type="hidden" name="grit" value="{{ $grit }}">@endif
    {{ $slot }}
</form>
