@inject('say', 'App\Words\Say')
@php($step = $cup->step)
@php($key = $step->step->key)
@php($nextUp = $cup->next())
@php($toAdd = $cup->toAdd())
<x-layouts.app title="Weigh" body-class="weighing">
<div class="weigh" id="weigh">
    <header class="weigh-head">
        <a class="btn quiet" href="{{ route('bench') }}">Bench</a>
        <p><x-tag :part="$part" /> <b>{{ $say->step($step->step) }}</b> <span class="soft">{{ $part->name }}</span></p>
    </header>
    @if (! $cup->isReady())
        <section class="card ready" aria-labelledby="ready-title">
            <h1 id="ready-title">Ready check</h1>
            <p>Before hardener goes in. The cup's clock can't be stopped.</p>
            <x-act :part="$part" kind="ready" :step="$key">
                @foreach ($cup->readyCheck() as $i => $item)
                    <label class="tick big"><input type="checkbox" required> <span>{{ __('words.ready_check.'.$item) }}</span></label>
                @endforeach
                <x-cautions :step="$step->step" open />
                <button class="btn go wide-btn">All ready, weigh <span class="num">{{ $say->grams($cup->batch->totalG()) }}</span></button>
            </x-act>
        </section>
    @else
        <section class="weigh-total card">
            <p class="label">in the cup</p>
            <p class="huge num">{{ $say->grams($cup->pour->totalG()) }} <small>of {{ $say->grams($cup->batch->totalG()) }}</small></p>
            @if ($cup->cups() > 1)<p class="finding is-warn"><b>Mind</b> More than one cup holds without running hot: split into {{ $cup->cups() }} cups of {{ $say->grams($cup->batch->totalG() / $cup->cups()) }}. <span>The sheet's pot life is for {{ $say->grams($cup->resin->potMassG) }}.</span></p>@endif
            @php($heat = $cup->heat())
            <div @class(['cup-heat', 'num', 'finding is-warn' => $heat['peakC'] > OakGloss\Cure\CupHeat::WARM_C, 'is-stop' => $heat['peakC'] > OakGloss\Cure\CupHeat::DANGER_C])>@if ($heat['peakC'] > OakGloss\Cure\CupHeat::DANGER_C)<b>This cup can run away:</b> @elseif ($heat['peakC'] > OakGloss\Cure\CupHeat::WARM_C)<b>This cup gets hot:</b> @endif left in an 80 mm cup it {{ $heat['gelMin'] === null ? 'does not gel within three days' : 'gels after '.$say->span($heat['gelMin']) }} and peaks at {{ round($heat['peakC']) }} °C <small>({{ round($heat['leastC']) }} to {{ round($heat['mostC']) }}, draught or still air)</small>
            <x-why what="the heat of the cup"><p>Cure that feeds on itself (Kamal and Sourour) and a heat balance over the cup's surface, fitted to the sheet's pot life of {{ $say->span($cup->resin->potLifeMin) }} for {{ $say->grams($cup->resin->potMassG) }} at {{ $say->celsius($cup->resin->potC) }}. 420 J/g, 1.9 J/gK and 12 W/m²K are planning values; 8 in still air, 25 in a draught.</p></x-why></div>
            <ol class="jars">
                @foreach (['resin' => $cup->batch->resinG, 'hardener' => $cup->batch->hardenerG, 'pigment' => $cup->batch->pigmentG] as $jar => $wanted)
                    @continue($wanted <= 0)
                    @php($in = ['resin' => $cup->pour->resinG, 'hardener' => $cup->pour->hardenerG, 'pigment' => $cup->pour->pigmentG][$jar])
                    @php($mark = $in + ($toAdd[$jar] ?? 0))
                    <li @class(['jar', 'is-next' => $nextUp === $jar, 'is-in' => $in > 0 && ! isset($toAdd[$jar])])>
                        <span class="jar-name">{{ $say->word('component', $jar) }}</span>
                        <svg viewBox="0 0 100 12" preserveAspectRatio="none" class="jar-bar" aria-hidden="true"><rect width="100" height="12" class="jar-ground"/><rect width="{{ round(min(100, 100 * $in / max(0.01, $mark)), 1) }}" height="12" class="jar-fill"/></svg>
                        <span class="num">{{ $say->grams($in) }} <small>of {{ $say->grams($mark) }}</small></span>
                    </li>
                @endforeach
            </ol>
            @php($error = $cup->pour->ratioError())
            <p class="ratio num" id="ratio">
                @if ($error === null) ratio 100 : {{ number_format(100 * $cup->batch->ratio->hardenerPerResin, 1) }} by weight
                @else ratio 100 : {{ number_format(100 * $cup->pour->hardenerG / $cup->pour->resinG, 1) }}, wanted 100 : {{ number_format(100 * $cup->batch->ratio->hardenerPerResin, 1) }} · <b @class(['is-stop' => ! $cup->pour->keepsRatio(), 'is-open' => $cup->pour->keepsRatio()])>{{ $error > 0 ? '+' : '−' }}{{ $say->percent(abs($error)) }}</b>
                @endif
            </p>
        </section>
        @if ($nextUp !== null)
            <section class="card pour" aria-labelledby="pour-title">
                @if ($cup->isOverpoured())
                    <p class="finding is-stop" role="alert"><b>Too much hardener.</b> Add {{ $say->grams($cup->pour->resinToAddG()) }} resin, then the ratio is right again. <span>The cup will hold {{ $say->grams($cup->pour->totalG() + $cup->pour->resinToAddG()) }}.</span></p>
                @elseif ($nextUp === 'hardener' && $cup->pour->resinG > $cup->batch->resinG * 1.005)
                    <p class="finding is-note" role="status"><b>Resin ran over by {{ $say->grams($cup->pour->resinG - $cup->batch->resinG) }}.</b> The hardener's mark has moved with it.</p>
                @endif
                <h1 id="pour-title">Add <span class="num">{{ $say->grams($toAdd[$nextUp]) }}</span> {{ $say->word('component', $nextUp) }}</h1>
                <form method="post" action="{{ route('weigh.store', [$part, $key]) }}" class="pour-form" x-data="pour" data-component="{{ $nextUp }}" data-resin="{{ $cup->pour->resinG }}" data-hardener="{{ $cup->pour->hardenerG }}" data-ratio="{{ $cup->batch->ratio->hardenerPerResin }}">
                    @csrf
                    <input type="hidden" name="component" value="{{ $nextUp }}"><input type="hidden" name="token" value="weigh-{{ $part->id }}-{{ $key }}-{{ Illuminate\Support\Str::random(12) }}">
                    <div @class(['field', 'is-wrong' => $errors->has('grams')])>
                        <label for="grams">{{ ucfirst($say->word('component', $nextUp)) }} poured<span class="unit">g</span></label>
                        <input id="grams" class="num" name="grams" inputmode="decimal" autocomplete="off" x-on:input="typed" value="{{ old('grams') }}" required autofocus @if($errors->has('grams')) aria-invalid="true" aria-describedby="grams-more" @endif>
                        @error('grams')<p id="grams-more" class="more"><strong>{{ $message }}</strong></p>@enderror
                    </div>
                    <button class="btn go">Poured</button>
                    <p class="num preview" x-text="preview" aria-live="polite"></p>
                </form>
                <p class="soft">Type what the scale shows for this jar, tared. Each pour is kept; a wrong one is struck out in the record.</p>
            </section>
        @else
            <section class="card mixed" aria-labelledby="mixed-title">
                <h1 id="mixed-title">Mix two minutes, scrape, decant</h1>
                <p>Past the point where streaks vanish, sides and bottom, then into a clean cup.</p>
                <p class="label">use by</p>
                <p class="huge num">{{ $say->when($cup->useByMin()) }}</p>
                <p class="num mid" data-until="{{ (int) round($cup->useByMin() * 60) }}" data-prefix="in ">in {{ $say->span($cup->useByMin() - $cup->planned->floor->nowMin) }}</p>
                <x-why what="use by"><dl><dt>sheet</dt><dd>{{ $say->span($cup->resin->potLifeMin) }} for {{ $say->grams($cup->resin->potMassG) }} at {{ $say->celsius($cup->resin->potC) }}</dd><dt>air now</dt><dd>{{ $say->celsius($cup->planned->floor->airNowC()) }}</dd><dt>hence</dt><dd>{{ $say->span($cup->potLifeMin()) }} from the first hardener; a deep or larger cup heats itself and has less</dd></dl></x-why>
                <x-act :part="$part" kind="coat_on" :step="$key"><button class="btn go wide-btn" data-key="c">Coat is on</button></x-act>
                <x-cautions :step="$step->step" />
            </section>
        @endif
    @endif
</div>
</x-layouts.app>
