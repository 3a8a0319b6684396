@inject('format', 'App\Words\Formatter')
@php([$layer, $resin] = [$step->step->layer, $plan->materials->resinFor($step->step)])
<x-why :what="__('bench.grams.of')">
    <dl>
        <dt>{{ __('bench.grams.area') }}</dt>
        <dd>{{ $format->area($layer->onCloth ? $plan->brief->clothAreaM2() : $plan->brief->areaOf($layer->only)) }}
            <i>{{ __($layer->onCloth ? 'bench.grams.wrapped' : 'bench.grams.wetted') }}</i></dd>
        <dt>{{ __('bench.grams.weight') }}</dt>
        <dd>{{ $format->weight($layer->gM2) }}
            <i>{{ __($step->step->role->isByCloth() ? 'bench.grams.of_cloth' : 'bench.grams.planning') }}</i></dd>
        @if ($beside = $layer->beside)
            @php($partG = $layer->gM2 * $plan->brief->clothAreaM2())
            <dt>{{ __('bench.grams.beside') }}</dt>
            <dd>{{ __('bench.grams.besides', ['mesh' => $format->grams($beside->meshG), 'lines' => $format->grams($beside->linesG),
                'pot' => $format->grams($beside->potG($partG))]) }} <i>{{ __('bench.grams.beside_why') }}</i></dd>
        @else
        <dt>{{ __('bench.grams.loss') }}</dt>
        @php($loss = $plan->shop->cupLoss(null, $step->batch->totalG(), $step->step->role->spreader()))
        <dd>{{ $format->mixed($loss->grams, $resin->ratio) }}
            <i>{{ __($loss->measured === 0 ? 'bench.grams.loss_sheet' : 'bench.grams.loss_learnt', [
            'least' => $format->mixed($loss->least(), $resin->ratio), 'most' => $format->mixed($loss->most(), $resin->ratio),
            'n' => $loss->measured,
        ]) }}</i></dd>
        @endif
        <dt>{{ __('bench.grams.ratio') }}</dt>
        <dd>{{ __($resin->ratio->isInCup() ? 'bench.grams.by_volume' : 'bench.grams.by_weight', [
            'hardener' => $format->hardener($resin->ratio),
        ]) }} <i>{{ __('bench.grams.sheet') }}</i></dd>
        @foreach ($resin->hardenerParts as $what => $share)
            <dt>{{ __('bench.grams.hardener') }}</dt>
            <dd>{{ $format->grams($step->batch->hardenerG * $share) }} {{ $what }} <i>{{ __('bench.grams.share') }}</i></dd>
        @endforeach
        @unless ($resin->ratio->isInCup())
        <dt>{{ __('bench.grams.error') }}</dt>
        <dd>{{ __('bench.grams.at_worst', ['percent' => $format->percent($step->batch->worstRatioError($plan->shop->scaleStepG))]) }}
            <i>{{ __('bench.grams.scale', ['g' => $plan->shop->scaleStepG]) }}</i></dd>
        @endunless
    </dl>
</x-why>
