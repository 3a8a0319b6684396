@php($layer = $step->step->layer)
@php($resin = $plan->materials->resinFor($step->step))
<x-why what="these grams">
    <dl>
        <dt>area</dt><dd>{{ $format->area($layer->onCloth ? $plan->brief->clothAreaM2() : $plan->brief->areaOf($layer->only)) }} <i>{{ $layer->onCloth ? 'zones and wrap' : 'zones that get resin' }}</i></dd>
        <dt>weight</dt><dd>{{ round($layer->gM2) }} g/m² <i>{{ $step->step->key === 'wet-out' ? 'share of the cloth\'s weight' : 'planning value' }}</i></dd>
        <dt>left in cup and brush</dt><dd>{{ $format->grams($plan->shop->cupLossG) }} <i>shop</i></dd>
        <dt>ratio</dt><dd>100 : {{ number_format(100 * $resin->ratio->hardenerPerResin, 1) }} by weight <i>sheet</i></dd>
        @foreach ($resin->hardenerParts as $what => $share)<dt>of the hardener</dt><dd>{{ $format->grams($step->batch->hardenerG * $share) }} {{ $what }} <i>the blend's share</i></dd>@endforeach
        <dt>ratio error</dt><dd>{{ $format->percent($step->batch->worstRatioError($plan->shop->scaleStepG)) }} at worst <i>scale of {{ $plan->shop->scaleStepG }} g</i></dd>
    </dl>
</x-why>
