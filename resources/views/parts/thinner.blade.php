<section class="card" aria-labelledby="thinner-title">
    <h2 id="thinner-title">{{ __('clear.thinner.title') }}</h2>
    <form method="get" action="{{ route('parts.clear', $part) }}" class="row-fields">
        <x-field name="thinner" :label="__('clear.thinner.more')" unit="%" type="number" :value="$thinner"
            :hint="__('clear.thinner.hint')" />
        <button class="btn">{{ __('clear.thinner.look') }}</button>
    </form>
    <x-table :columns="__('clear.thinner.columns')" :scroll="__('clear.thinner.title')">
        @foreach ([
            'viscosity' => fn ($c) => number_format(1000 * $c->clear->sprayed->viscosityPaS, 0).' mPa s',
            'solids' => fn ($c) => $format->percent($c->clear->sprayed->volumeSolids),
            'dry' => fn ($c) => $format->measured($c->clear->sprayed->dryPerCoatUm(), 'µm'),
            'coats' => fn ($c) => $c->coats,
            'flash' => fn ($c) => $format->span($c->flashMin),
            'holds' => fn ($c) => $c->greatestWetUm === null ? '–' : $format->um($c->greatestWetUm),
            'peel' => fn ($c) => $format->measured($c->clear->sprayed->peelUm(), 'µm'),
            'mix' => fn ($c) => $format->stock(1000 * $c->litres, 'ml'),
            'stays' => fn ($c) => $format->um($c->remainsUm()),
        ] as $what => $say)
            <tr><th scope="row">{{ __("clear.thinner.{$what}") }}</th><td>{{ $say($clear) }}</td><td>{{ $say($thinned) }}</td></tr>
        @endforeach
    </x-table>
    @if ($thinned->sags() && ! $clear->sags())<p class="finding is-warn">@say('clear.thinner.sags')</p>@endif
    @if (! $thinned->guardsEnough() && $clear->guardsEnough())<p class="finding is-warn">@say('clear.thinner.too_thin')</p>@endif
    <p class="soft">{{ __('clear.thinner.limit') }} {{ __('cautions.defers') }}</p>
    <x-why :what="__('clear.thinner.title')"><p>{{ __('clear.thinner.why') }}</p></x-why>
</section>
