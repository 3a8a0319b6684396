<div class="clear-now">
    <x-drawing.clear-scale :scale="$scale" :clear="$clear" />
    <dl class="num facts">
        <div>
            <dt>{{ __('clear.coats') }}</dt>
            <dd>{{ __('clear.wet', ['n' => $clear->coats, 'um' => round($clear->clear->sprayed->wetUm)]) }}
                <small>{{ __('clear.dry_each', ['um' => number_format($clear->clear->sprayed->dryPerCoatUm(), 1)]) }}</small></dd>
        </div>
        <div>
            <dt>{{ __($clear->clear->kind->isBrushed() ? 'clear.next_coat' : 'clear.flash') }}</dt>
            <dd>{{ $format->span($clear->flashMin) }}
                <small>{{ $clear->recoatUntilMin
                    ? __('clear.bonds_until', ['span' => $format->span($clear->recoatUntilMin)])
                    : __('clear.bonds_always') }}</small></dd>
        </div>
        <div>
            <dt>{{ __('clear.mix') }}</dt>
            <dd>{{ $format->clearMix($clear) }}
                <small>{{ implode(', ', array_filter([
                    $clear->cans() ? $format->count($clear->cans(), 'can') : __('clear.litres', ['l' => number_format($clear->litres, 2)]),
                    $clear->potLifeMin ? __('clear.pot_life', ['span' => $format->span($clear->potLifeMin)]) : null,
                ])) }}</small></dd>
        </div>
        <div>
            <dt>{{ __('clear.steepest') }}</dt>
            <dd>
                @if ($clear->greatestWetUm === null)
                    {{ __('clear.level') }} <small>{{ __('clear.no_limit') }}</small>
                @else
                    {{ __('clear.at_most', ['um' => round($clear->greatestWetUm)]) }}
                    <small>{{ __('clear.creeps', [
                        'zone' => $format->zone($clear->steepest), 'mm' => OakGloss\Plan\ClearPlan::SAG_LIMIT_MM,
                    ]) }}</small>
                @endif
                @if ($clear->sags())<span class="risk is-stop">{{ __('clear.sags') }}</span>@endif
            </dd>
        </div>
        <div>
            <dt>{{ __('clear.peel') }}</dt>
            <dd>{{ $format->measured($clear->clear->sprayed->peelUm(), 'µm', 1) }}
                <small>{{ __($clear->polish ? 'clear.peel_taken' : 'clear.peel_stays') }}</small></dd>
        </div>
        <div>
            <dt>{{ __('clear.for_sun') }}</dt>
            <dd>{{ __('clear.stays_of', ['um' => round($clear->remainsUm()), 'dry' => round($clear->dryUm)]) }}
                <small>{{ __('clear.should', ['um' => round($clear->clear->finalUm)]) }}</small>
                @unless ($clear->guardsEnough())<span class="risk is-stop">{{ __('clear.too_thin') }}</span>@endunless</dd>
        </div>
        <div>
            <dt>{{ __($clear->polish ? 'clear.then_polish' : 'clear.then_handle') }}</dt>
            <dd>{{ $format->span($clear->readyMin) }}</dd>
        </div>
    </dl>
</div>
@if ($clear->sags())
    <ul class="findings">
        <li class="finding is-warn">@say('clear.runs', [
            'um' => round($clear->clear->sprayed->wetUm), 'zone' => $clear->steepest->name,
            'coats' => $clear->coatsThatHold(), 'holds' => floor($clear->greatestWetUm),
        ])</li>
    </ul>
@endif
@if (! $clear->polish)<p class="cue">{{ __('clear.never_polished', ['finish' => ucfirst($part->finish->value)]) }}</p>@endif
