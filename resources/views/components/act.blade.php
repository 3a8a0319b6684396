@props(['part', 'kind', 'step', 'to' => 'bench', 'grit' => null])
<form method="post" action="{{ route('facts.store', $part) }}" {{ $attributes }}>
    @csrf
    <input type="hidden" name="kind" value="{{ $kind }}"><input type="hidden" name="step" value="{{ $step }}"><input type="hidden" name="to" value="{{ $to }}">
    {{-- The same press sent twice is one fact. --}}
    <input type="hidden" name="token" value="{{ $kind }}-{{ $part->id }}-{{ $step }}-{{ Str::random(12) }}">
    @if ($grit !== null)<input type="hidden" name="grit" value="{{ $grit }}">@endif
    {{ $slot }}
</form>
