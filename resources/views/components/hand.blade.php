@props(['run', 'kind', 'zone'])
{{-- One act of the practice room; the number of acts before it makes a press that is sent twice one. --}}
<form method="post" action="{{ route('practice.move', $run) }}" novalidate {{ $attributes->class(['hand']) }}>
    @marks
    <input type="hidden" name="kind" value="{{ $kind }}">
    <input type="hidden" name="after" value="{{ count($run->moves) }}">
    <input type="hidden" name="shown" value="{{ $zone }}">
    {{ $slot }}
</form>
