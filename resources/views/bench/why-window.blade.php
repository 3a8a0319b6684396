@php($below = $plan->step((string) $step->step->follow->coat))
@if ($below && $next->window)
@php($resin = $plan->materials->resinFor($below->step))
@php($k = $resin->kinetics)
<x-why what="this window">
    <p>Thermal age: minutes at {{ $format->celsius($k->reference->inCelsius()) }}, each minute weighted by how much faster or slower the resin cures at the part's temperature (Arrhenius).</p>
    <dl>
        <dt>age now</dt><dd>{{ round($call->schedule->clocks->forecastOf($below)->age($below->doneAtMin, $call->floor->nowMin)) }} min, since {{ $format->when($below->doneAtMin) }}</dd>
        <dt>bonds from, until</dt><dd>{{ round($k->age('tack_from')) }} to {{ round($k->age('tack_until')) }} min <i>sheet of {{ $resin->name }}</i></dd>
        @if (abs($call->schedule->clocks->paceOf($below) - 1) > 0.001)<dt>this coat's pace</dt><dd>{{ number_format($call->schedule->clocks->paceOf($below), 2) }} <i>from your tack checks</i></dd>@endif
        <dt>activation</dt><dd>{{ round($k->activation->joulePerMol / 1000, 1) }} kJ/mol <i>{{ ['given' => 'given', 'fitted' => 'fitted through the sheet rows', 'assumed' => 'assumed: halves about every 10 °C'][$k->activation->basis->value] }}</i></dd>
        <dt>part lags the air by</dt><dd>{{ round($plan->brief->substrate->lagMin()) }} min <i>assumed for {{ $format->word('substrate', $plan->brief->substrate->value) }}</i></dd>
        <dt>opens</dt><dd>{{ $format->spread($next->window->opens) }}</dd>
        <dt>closes</dt><dd>{{ $format->spread($next->window->closes) }}</dd>
        <dt>doubt</dt><dd>pace ± 12 %, part ± 1.5 °C <i>assumed</i></dd>
    </dl>
</x-why>
@endif
