@php([$plan, $schedule, $worst] = [$planned->plan, $planned->schedule, $planned->plan->worst()])
@php($isPossible = $plan->refusals() === [])
<dl class="answer-figures num">
    <div class="span-all">
        <dt>{{ __('answer.ready') }}</dt>
        <dd class="big">{{ $isPossible ? $format->date($schedule->readyMin()) : '–' }}</dd>
    </div>
    <div><dt>{{ __('answer.area') }}</dt><dd>{{ $format->area($plan->brief->coatedAreaM2()) }}</dd></div>
    @if ($plan->first(OakGloss\Method\Role::Lay))
        <div><dt>{{ __('answer.piece') }}</dt><dd>{{ $format->piece($plan->brief->piece()) }}</dd></div>
    @endif
    @if ($plan->first(OakGloss\Method\Role::Base))
        <div><dt>{{ __('answer.base') }}</dt><dd>{{ $format->mixes($plan->steps, OakGloss\Method\Slot::Base) }}</dd></div>
    @endif
    <div><dt>{{ __('answer.over') }}</dt><dd>{{ $format->mixes($plan->steps, OakGloss\Method\Slot::Skin) }}</dd></div>
    @foreach (OakGloss\Plan\LaminatePlan::all($plan) as $laminate)
        <div><dt>{{ __("answer.thickness.{$laminate->of}") }}</dt>
            <dd>{{ __('answer.mm', ['mm' => number_format($laminate->laminate->thicknessUm() / 1000, 2)]) }}
            <small>{{ trans_choice('words.plies', count($laminate->laminate->plies)) }}</small></dd></div>
    @endforeach
    @if ($sheet = OakGloss\Plan\SheetPlan::of($plan))
        <div><dt>{{ __('answer.parts') }}</dt><dd>{{ $sheet->yield->count() }}
            <small>{{ __('answer.of_sheet', ['share' => round(100 * $sheet->yield->share())]) }}</small></dd></div>
    @elseif ($plan->buildCoats > 0)
    <div>
        <dt>{{ __('answer.coats') }}</dt>
        <dd>{{ $plan->buildCoats }}
            @if ($finish = count($plan->all(OakGloss\Method\Role::Finish)))
                <small>{{ __('answer.finish', ['n' => $finish]) }}</small>
            @endif</dd>
    </div>
    @endif
    <div><dt>{{ __('answer.hands') }}</dt><dd>{{ $format->span($plan->handsAheadMin()) }}</dd></div>
    @if ($plan->clearLitres() > 0)
        <div>
            <dt>{{ __('answer.clear', ['n' => $plan->clear?->coats]) }}</dt>
            <dd>{{ __('answer.ml', ['ml' => round(1000 * $plan->clearLitres())]) }}</dd>
        </div>
    @endif
    @if ($worst)
        <div>
            <dt>{{ __('parts.figures.risk') }}</dt>
            <dd>{{ $format->percent($worst->risk()) }}
                <small>{{ __('parts.figures.any', ['zone' => $worst->zone->name, 'any' => $format->chance($worst)]) }}</small></dd>
        </div>
    @endif
</dl>
@if ($less && $isPossible)
    @php($lessWorst = $less->plan->worst())
    <p class="trade num">@say('answer.trade', [
        'coats' => $plan->buildCoats,
        'risk' => $format->percent($worst?->risk() ?? 0),
        'zone' => $worst?->zone->name ?? __('answer.no_zone'),
        'ready' => $format->day($schedule->readyMin()),
        'less' => $less->plan->buildCoats,
        'less_risk' => $format->percent($lessWorst?->risk() ?? 0),
        'less_zone' => $lessWorst?->zone->name ?? __('answer.no_zone'),
        'less_any' => $format->chance($lessWorst),
        'less_ready' => $format->day($less->schedule->readyMin()),
    ])</p>
@endif
<x-why :what="__('answer.figures')">
    <dl>
        <dt>{{ __('answer.piece') }}</dt>
        <dd>{{ __('answer.why_piece', ['wrap' => round($plan->brief->wrapMm)]) }}</dd>
        <dt>{{ __('answer.grams') }}</dt>
        <dd>{{ __('answer.why_grams', [
            'base' => round($plan->shop->weights->baseGM2), 'build' => round($plan->buildGM2()),
            'finish' => round($plan->shop->weights->finishGM2),
            'loss' => $format->grams($plan->shop->cupLossG),
        ]) }}</dd>
        <dt>{{ __('answer.coats') }}</dt>
        <dd>{{ __('answer.why_coats', ['target' => $format->percent($plan->shop->targetBurnThrough)]) }}</dd>
        <dt>{{ __('answer.air') }}</dt>
        <dd>{{ __('answer.why_air', ['c' => $format->celsius($plan->shop->workingAirC)]) }}</dd>
    </dl>
</x-why>
<x-findings :of="$isPossible ? $planned->findings() : $plan->findings" />
@if ($zones = $plan->mostEndangered())
<h3>{{ __('answer.after') }}</h3>
<table class="num">
    <thead><tr>@foreach (__('answer.columns') as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
    <tbody>
        @foreach ($zones as $state)
            <tr>
                <th scope="row">{{ $format->zone($state->zone) }}</th>
                <td>{{ OakGloss\Plan\CoatsNeeded::of($plan, $state->zone)
                    ?? __($plan->brief->film ? 'answer.as_rounds' : 'answer.over_ten') }}</td>
                <td>{{ $format->um($state->left()->inMicrometres()) }} <small>± {{ $format->um($state->doubtUm()) }}</small></td>
                <td><span class="risk is-{{ App\View\Drawing\RiskClass::of($state->risk(), $plan->shop->targetBurnThrough) }}"
                    >{{ $format->percent($state->risk()) }}</span></td>
            </tr>
        @endforeach
    </tbody>
</table>
@endif
