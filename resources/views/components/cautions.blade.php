@props(['step'])
@if ($step->cautions !== [])
<section class="cautions" aria-label="{{ __('app.caution') }}" {{ $attributes }}>
    <h2><x-caution-sign /> {{ __('app.caution') }}</h2>
    <ul>@foreach ($step->cautions as $caution)<li>{{ __('cautions.'.$caution->value) }}</li>@endforeach</ul>
    <p>{{ __('cautions.defers') }}</p>
</section>
@endif
