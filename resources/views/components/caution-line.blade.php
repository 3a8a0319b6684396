@props(['step'])
{{-- Never folded away; the whole of it stands under "more". --}}
@if ($step->cautions !== [])
<p class="caution-line" {{ $attributes }}><x-caution-sign />
    @foreach ($step->cautions as $caution){{ __('cautions.short.'.$caution->value) }} @endforeach {{ __('cautions.short.defers') }}</p>
@endif
