@php($clear = $plan->clearOf($step))
@if ($clear)
    @php([$mix, $spray] = [$clear->mixMl(), $plan->shop->pace->spraying($plan->brief->coatedAreaM2())])
    <dl class="num facts clear-step">
        <div><dt>mix for all coats</dt><dd>@if ($clear->cans()){{ $format->count($clear->cans(), 'can') }}@else{{ round($mix['clear']) }} ml clear @if ($mix['hardener'] > 0)+ {{ round($mix['hardener']) }} ml hardener @endif @if ($mix['reducer'] > 0)+ {{ round($mix['reducer']) }} ml reducer @endif @endif <small>{{ round(1000 * $clear->appliedLitres) }} ml go out, the rest is lost in gun and hose or brush{{ $clear->potLifeMin ? '; use within '.$format->span($clear->potLifeMin) : '' }}</small></dd></div>
        <div><dt>each coat</dt><dd>{{ round($clear->clear->sprayed->wetUm) }} µm wet, flash {{ $format->span($clear->flashMin) }}@if ($clear->recoatUntilMin) <small>a further coat bonds until {{ $format->span($clear->recoatUntilMin) }}</small>@endif</dd></div>
        @unless ($clear->clear->kind->isBrushed())<div><dt>begun now</dt><dd>@foreach ($clear->coatsAtMin($spray) as $n => $at)coat {{ $n + 1 }} {{ $format->when($call->floor->nowMin + $at) }}{{ $loop->last ? '' : ' · ' }}@endforeach</dd></div>@endunless
    </dl>
    <ul class="findings">@foreach ($call->clearGates($clear) as $finding)<x-finding :finding="$finding" />@endforeach</ul>
@endif
