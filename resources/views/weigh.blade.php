@inject('format', 'App\Words\Formatter')
@php($step = $cup->step)
@php($key = $step->step->key)
@php($nextUp = $cup->next())
@php($toAdd = $cup->toAdd())
<x-layouts.app title="Weigh" body-class="weighing">
<div class="weigh" id="weigh">
    <header class="weigh-head">
        <a class="btn quiet" href="{{ route('bench') }}">Bench</a>
        <p><x-tag :part="$part" /> <b>{{ $format->step($step->step) }}</b> <span class="soft">{{ $part->name }}</span></p>
    </header>
    @php([$ahead, $serves, $late] = [$cup->ahead(), $cup->serves(), $cup->isTooLate()])
    @php($now = $cup->planned->floor->nowMin)
    @if ($serves && ! $late && $serves->closes->expectedMin !== null && $serves->closes->expectedMin <= $now)
        <p class="finding is-stop" role="alert"><b>The window closed {{ $format->when($serves->closes->expectedMin) }} with this cup mixed.</b> Spread it only where the witness patch still prints. <span>Else let it go: keyed, a fresh cup holds.</span></p>
    @elseif ($serves && ! $late && $serves->closes->expectedMin !== null)
        <p class="serves num card"><span class="label">goes into a window that {{ $serves->opens->expectedMin > $now ? 'opens '.$format->when($serves->opens->expectedMin).' and closes' : 'closes' }} {{ $format->when($serves->closes->expectedMin) }}</span> <b data-until="{{ (int) round($serves->closes->expectedMin * 60) }}" data-prefix="in ">in {{ $format->span($serves->closes->expectedMin - $now) }}</b> <span class="soft">{{ $format->sure($serves) }}</span></p>
        <p class="finding is-stop" data-when-over hidden role="alert"><b>The window has closed.</b> No hardener now: key first, or take another way. <span><a href="{{ route('weigh', [$part, $key]) }}">Look again</a></span></p>
    @endif
    @if ($late)
        <section class="card" aria-labelledby="late-title">
            <h1 id="late-title">The window has closed</h1>
            <p class="finding is-stop" role="alert"><b>No hardener now.</b> The coat below is past bonding since {{ $format->when($cup->planned->next->window?->closes->expectedMin) }}. <span>{{ $cup->planned->next->state->value === 'key_first' ? 'Key it with P180 until evenly dull and wipe; then this coat goes on as on a fresh surface.' : 'It is too soft to sand until '.$format->when($cup->planned->next->keyFromMin).'. Then key and coat.' }}</span></p>
            @if ($cup->planned->next->state->value === 'key_first')<x-act :part="$part" kind="sanded" :step="$key" grit="180" to="weigh"><button class="btn go wide-btn">Keyed P180 and wiped</button></x-act>@endif
            <p><a class="btn" href="{{ route('bench') }}">Other ways, on the bench</a></p>
            @if ($cup->pour->totalG() > 0)<p class="soft num">In the cup: {{ $format->grams($cup->pour->totalG()) }}. Resin alone keeps.</p>@endif
        </section>
    @elseif (! $cup->isReady())
        <section class="card ready" aria-labelledby="ready-title">
            <h1 id="ready-title">Ready check</h1>
            <p>Before hardener goes in. The cup's clock can't be stopped.</p>
            @include('bench.mix-ahead', ['ahead' => $ahead, 'planned' => $cup->planned])
            @if ($cup->spread() === null)<p class="finding is-warn"><b>Mind</b> No number of cups can be spread before it gels in this air. <span>A second pair of hands, a slower hardener or a cooler hour; the plan says which.</span></p>@endif
            <ul class="findings">@foreach ($cup->planned->gates($cup->step) as $finding)<x-finding :finding="$finding" />@endforeach</ul>
            @php($reading = $cup->planned->floor->lastReading)
            <p class="judged num"><b>Air</b> {{ $format->celsius($cup->planned->floor->airNowC()) }}@if ($cup->planned->floor->dewPointC() !== null), dew point {{ $format->celsius($cup->planned->floor->dewPointC()) }}@endif <span class="soft">{{ $reading ? ($reading->source === 'probe' ? 'by the probe, ' : 'typed, ').$format->span($now - App\Time\ShopTime::minutes($reading->measured_at)).' ago' : 'by the day curve alone: feel it' }}</span></p>
            <x-act :part="$part" kind="ready" :step="$key">
                @if ($cup->wasReadyToday())
                    <input type="hidden" name="short" value="1">
                    <p>Tools, gloves and masking stood ready today. New since then:</p>
                    <ul class="since">@foreach ($cup->readyCheck() as $item)<li>{{ __('words.ready_check.'.$item, ['piece' => $format->piece($cup->planned->plan->brief->piece())]) }}</li>@endforeach</ul>
                    <x-cautions :step="$step->step" />
                    <button class="btn go wide-btn">Ready, weigh <span class="num">{{ $format->grams($cup->batch->totalG()) }}</span></button>
                @else
                    @foreach ($cup->readyCheck() as $i => $item)
                        <label class="tick big"><input type="checkbox" required> <span>{{ __('words.ready_check.'.$item, ['piece' => $format->piece($cup->planned->plan->brief->piece())]) }}</span></label>
                    @endforeach
                    <x-cautions :step="$step->step" open />
                    <button class="btn go wide-btn">All ready, weigh <span class="num">{{ $format->grams($cup->batch->totalG()) }}</span></button>
                @endif
            </x-act>
        </section>
    @else
        <section class="weigh-total card">
            <p class="label">in the cup</p>
            <p class="huge num">{{ $format->grams($cup->pour->totalG()) }} <small>of {{ $format->grams($cup->batch->totalG()) }}</small></p>
            @php($cups = $cup->cups())
            @if ($cups > 1)<p class="finding is-warn"><b>Mind</b> Mix and spread it in {{ $cups }} cups of {{ $format->grams($cup->batch->totalG() / $cups) }}, one after the other. <span>One cup would gel under the brush, or holds more than the sheet's {{ $format->grams($cup->resin->potMassG) }}.</span></p>@endif
            @php($heat = $cup->heat())
            <div @class(['cup-heat', 'num', 'finding is-warn' => $heat->isHot(), 'is-stop' => $heat->isDangerous()])>@if ($heat->isDangerous())<b>Left standing this cup runs away:</b> pour it into a flat tray or more cups; @elseif ($heat->isHot())<b>Left standing this cup gets hot:</b> @elseif ($heat->wantsABench())<b>Not on wood or foam:</b> there it would reach {{ round($heat->peakInsulatedC) }} °C; on the bench @endif {{ $heat->potLifeMin === null ? 'it does not gel within 20 hours' : 'it gels after '.$format->span($heat->potLifeMin) }} and peaks at {{ round($heat->peakC) }} °C
            <x-why what="the heat of the cup"><p>Cure that feeds on itself (Kamal and Sourour) and a heat balance of an 80 mm cup on a bench: top and wall to the air, bottom to the bench, half the depth conducts. Fitted to the sheet's pot life of {{ $format->span($cup->resin->potLifeMin) }} for {{ $format->grams($cup->resin->potMassG) }} at {{ $format->celsius($cup->resin->potC) }}. 420 J/g, 1.9 J/gK, 12 and 20 W/m²K are planning values. On wood or foam it would reach {{ round($heat->peakInsulatedC) }} °C.</p></x-why></div>
            @if ($ahead && $cup->mixedAtMin() === null)@include('bench.mix-ahead', ['ahead' => $ahead, 'planned' => $cup->planned])@endif
            <ol class="jars">
                @foreach (['resin' => $cup->batch->resinG, 'hardener' => $cup->batch->hardenerG, 'pigment' => $cup->batch->pigmentG] as $jar => $wanted)
                    @continue($wanted <= 0)
                    @php($in = ['resin' => $cup->pour->resinG, 'hardener' => $cup->pour->hardenerG, 'pigment' => $cup->pour->pigmentG][$jar])
                    @php($mark = $in + ($toAdd[$jar] ?? 0))
                    <li @class(['jar', 'is-next' => $nextUp === $jar, 'is-in' => $in > 0 && ! isset($toAdd[$jar])])>
                        <span class="jar-name">{{ $format->word('component', $jar) }}</span>
                        <svg viewBox="0 0 100 12" preserveAspectRatio="none" class="jar-bar" aria-hidden="true"><rect width="100" height="12" class="jar-ground"/><rect width="{{ round(min(100, 100 * $in / max(0.01, $mark)), 1) }}" height="12" class="jar-fill"/></svg>
                        <span class="num">{{ $format->grams($in) }} <small>of {{ $format->grams($mark) }}</small></span>
                    </li>
                @endforeach
            </ol>
            @if ($cup->resin->hardenerParts !== [])<p class="num blend"><b>Hardener is two:</b> {{ implode(' + ', array_map(fn ($what, $share) => $format->grams($cup->batch->hardenerG * $share).' of '.$what, array_keys($cup->resin->hardenerParts), $cup->resin->hardenerParts)) }}.</p>@endif
            @php($error = $cup->pour->ratioError())
            <p class="ratio num" id="ratio">
                @if ($error === null) ratio 100 : {{ number_format(100 * $cup->batch->ratio->hardenerPerResin, 1) }} by weight
                @else ratio 100 : {{ number_format(100 * $cup->pour->hardenerG / $cup->pour->resinG, 1) }}, wanted 100 : {{ number_format(100 * $cup->batch->ratio->hardenerPerResin, 1) }} · <b @class(['is-stop' => ! $cup->pour->keepsRatio(), 'is-open' => $cup->pour->keepsRatio()])>{{ $error > 0 ? '+' : '−' }}{{ $format->percent(abs($error)) }}</b>
                @endif
            </p>
        </section>
        @if ($nextUp !== null)
            <section class="card pour" aria-labelledby="pour-title"@if ($nextUp === 'hardener' || $cup->pour->totalG() <= 0) data-until-over @endif>
                @if ($cup->isOverpoured())
                    <p class="finding is-stop" role="alert"><b>Too much hardener.</b> Add {{ $format->grams($cup->pour->resinToAddG()) }} resin, then the ratio is right again. <span>The cup will hold {{ $format->grams($cup->pour->totalG() + $cup->pour->resinToAddG()) }}.</span></p>
                @elseif ($nextUp === 'hardener' && $cup->pour->resinG > $cup->batch->resinG * 1.005)
                    <p class="finding is-note" role="status"><b>Resin ran over by {{ $format->grams($cup->pour->resinG - $cup->batch->resinG) }}.</b> The hardener's mark has moved with it.</p>
                @endif
                @if ($cup->pour->totalG() <= 0)
                    <form method="post" action="{{ route('weigh.store', [$part, $key]) }}" class="all-shown">
                        @marks
                        <input type="hidden" name="component" value="all">
                        <button class="btn go wide-btn"><span>All as shown: <span class="num">{{ implode(' + ', array_map(fn ($jar, $g) => $format->grams($g).' '.$format->word('component', $jar), array_keys($toAdd), $toAdd)) }}</span></span></button>
                        <p class="soft">For a cup that was weighed to the marks. Where it differs, jar by jar:</p>
                    </form>
                @endif
                <h1 id="pour-title">Add <span class="num">{{ $format->grams($toAdd[$nextUp]) }}</span> {{ $format->word('component', $nextUp) }}</h1>
                <form method="post" action="{{ route('weigh.store', [$part, $key]) }}" class="pour-form" x-data="pour" data-component="{{ $nextUp }}" data-resin="{{ $cup->pour->resinG }}" data-hardener="{{ $cup->pour->hardenerG }}" data-ratio="{{ $cup->batch->ratio->hardenerPerResin }}">
                    @marks
                    <input type="hidden" name="component" value="{{ $nextUp }}">
                    <div @class(['field', 'is-wrong' => $errors->has('grams')])>
                        <label for="grams">{{ ucfirst($format->word('component', $nextUp)) }} poured<span class="unit">g</span></label>
                        <input id="grams" class="num" name="grams" inputmode="decimal" autocomplete="off" x-on:input="typed" value="{{ App\View\Old::of('grams') }}" required @if ($cup->pour->totalG() > 0) autofocus @endif @if($errors->has('grams')) aria-invalid="true" aria-describedby="grams-more" @endif>
                        @error('grams')<p id="grams-more" class="more"><strong>{{ $message }}</strong></p>@enderror
                    </div>
                    <button @class(['btn', 'go' => $cup->pour->totalG() > 0])>Poured</button>
                    <p class="num preview" x-text="preview" aria-live="polite"></p>
                </form>
                <p class="soft">Type what the scale shows for this jar, tared. Each pour is kept; a wrong one is struck out in the record.</p>
            </section>
        @else
            <section class="card mixed" aria-labelledby="mixed-title">
                <h1 id="mixed-title">Mix two minutes, scrape, decant</h1>
                <p>Past the point where streaks vanish, sides and bottom, then into a clean cup.</p>
                <p class="label">use by</p>
                <p class="huge num">{{ $format->when($cup->useByMin()) }}</p>
                <p class="num mid" data-until="{{ (int) round($cup->useByMin() * 60) }}" data-prefix="in ">in {{ $format->span($cup->useByMin() - $cup->planned->floor->nowMin) }}</p>
                <x-why what="use by"><dl><dt>sheet</dt><dd>{{ $format->span($cup->resin->potLifeMin) }} for {{ $format->grams($cup->resin->potMassG) }} at {{ $format->celsius($cup->resin->potC) }}</dd><dt>this cup</dt><dd>{{ $format->grams(max($cup->batch->totalG(), $cup->pour->totalG()) / $cup->cups()) }} in air of {{ $format->celsius($cup->planned->floor->airNowC()) }}: it gels {{ $format->span($cup->potLifeMin()) }} after the first hardener, by the cup's heat</dd></dl></x-why>
                <x-act :part="$part" kind="coat_on" :step="$key"><button class="btn go wide-btn" data-key="c">Coat is on</button></x-act>
                <x-cautions :step="$step->step" />
            </section>
        @endif
    @endif
</div>
</x-layouts.app>
