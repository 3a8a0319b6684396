@php($clear = $plan->clearOf($step))
@if ($clear)
    <dl class="num facts clear-step">
        <div>
            <dt>{{ __('clear.mix') }}</dt>
            <dd>{{ $clear->cans() ? $format->count($clear->cans(), 'can') : $format->clearMix($clear) }}
                @php($goesOut = $clear->isSmallestMix() ? 'bench.smallest_mix' : 'bench.goes_out')
                <small>{{ __($clear->potLifeMin ? "{$goesOut}_within" : $goesOut, [
                    'ml' => round(1000 * $clear->appliedLitres), 'mix' => round(1000 * $clear->litres),
                    'span' => $format->span((float) $clear->potLifeMin),
                ]) }}</small></dd>
        </div>
        <div>
            <dt>{{ __('bench.each_coat') }}</dt>
            <dd>{{ __('bench.wet_flash', ['um' => round($clear->clear->sprayed->wetUm), 'flash' => $format->span($clear->flashMin)]) }}
                @if ($clear->recoatUntilMin)<small>{{ __('bench.further', [
                    'span' => $format->span($clear->recoatUntilMin),
                ]) }}</small>@endif</dd>
        </div>
        @unless ($clear->clear->kind->isBrushed())
            <div>
                <dt>{{ __('bench.begun_now') }}</dt>
                <dd>@foreach ($call->clearCoatsAt($clear) as $n => $at){{ $loop->first ? '' : ' · ' }}{{
                    __('bench.coat_at', ['n' => $n + 1, 'at' => $format->when($at)]) }}@endforeach</dd>
            </div>
        @endunless
    </dl>
    <x-findings :of="$call->clearGates($clear)" />
@endif
