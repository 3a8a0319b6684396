@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
@php($isResin = $plan->brief->choices->top->value === 'polish_resin')
@php($clear = $isResin ? null : $plan->clear)
@php($canTop = in_array('clear_id', $open, true) && auth()->user()->can('work', $part))
<x-layouts.app :title="'Clear of '.$part->name">
@include('parts.head')
<div class="page clear">
    <div class="clear-grid">
    <section class="card" aria-labelledby="top-title">
        <div class="card-head"><h2 id="top-title">{{ $isResin ? 'Polish the resin itself' : ($clear?->clear->name ?? 'No clear chosen') }}</h2><p class="soft">{{ $format->word('finish', $part->finish) }} · {{ $part->sun ? 'lives in the sun' : 'out of the sun' }} · at {{ $format->celsius($plan->shop->workingAirC) }}</p></div>
        @if ($clear)
        <div class="clear-now">
            <svg viewBox="0 0 {{ App\View\Drawing\ClearScale::WIDTH }} {{ App\View\Drawing\ClearScale::HEIGHT }}" role="img" aria-labelledby="clear-svg-title" class="clear-scale">
                <title id="clear-svg-title">{{ $clear->coats }} coats, {{ round($clear->dryUm) }} µm dry; flatting takes {{ number_format($clear->flatTakesUm, 1) }}, polish {{ number_format($clear->polish?->totalCutUm() ?? 0, 1) }}; {{ round($clear->remainsUm()) }} µm stay, {{ round($clear->clear->finalUm) }} should</title>
                @foreach ($scale->ticks as $tick)<path d="M34 {{ $tick['y'] }}H184" class="tick-line"/><text x="28" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>@endforeach
                @foreach ($scale->coats as $coat)<rect x="60" y="{{ $coat['y'] }}" width="120" height="{{ max(1, $coat['height'] - 0.8) }}" class="clear-coat"/>@if ($coat['height'] > 13)<text x="120" y="{{ $coat['y'] + $coat['height'] - 5 }}" text-anchor="middle" class="axis on-clear">coat {{ $coat['n'] }}</text>@endif @endforeach
                @foreach ($scale->cuts as $cut)<rect x="60" y="{{ $cut['y'] }}" width="120" height="{{ $cut['height'] }}" class="clear-cut is-{{ $cut['what'] }}"/><text x="188" y="{{ $cut['y'] + min(10, $cut['height'] / 2 + 4) + ($cut['what'] === 'polish' ? 8 : 0) }}" class="axis">{{ $cut['what'] }} {{ number_format($cut['um'], 1) }} µm</text>@endforeach
                <path d="M50 {{ $scale->mustY }}H190" class="plane-line"/><text x="188" y="{{ $scale->mustY + 16 }}" class="axis">{{ round($clear->clear->finalUm) }} µm must stay</text>
                <rect x="60" y="{{ $scale->groundY }}" width="120" height="10" class="resin resin-3"/>
            </svg>
            <dl class="num facts">
                <div><dt>coats</dt><dd>{{ $clear->coats }} × {{ round($clear->clear->sprayed->wetUm) }} µm wet <small>{{ number_format($clear->clear->sprayed->dryPerCoatUm(), 1) }} µm dry each</small></dd></div>
                <div><dt>{{ $clear->clear->kind->isBrushed() ? 'next coat from' : 'flash' }}</dt><dd>{{ $format->span($clear->flashMin) }} <small>{{ $clear->recoatUntilMin ? 'bonds until '.$format->span($clear->recoatUntilMin) : 'bonds at any time' }}</small></dd></div>
                @php($mix = $clear->mixMl())
                <div><dt>mix for all coats</dt><dd>{{ round($mix['clear']) }} ml clear @if ($mix['hardener'] > 0) + {{ round($mix['hardener']) }} ml hardener @endif @if ($mix['reducer'] > 0) + {{ round($mix['reducer']) }} ml reducer @endif <small>{{ $clear->cans() ? $format->count($clear->cans(), 'can') : number_format($clear->litres, 2).' l ready for use' }}{{ $clear->potLifeMin ? ', pot life '.$format->span($clear->potLifeMin) : '' }}</small></dd></div>
                <div><dt>steepest face</dt><dd>@if ($clear->greatestWetUm === null) level <small>no limit</small>@else at most {{ round($clear->greatestWetUm) }} µm wet <small>{{ $format->zone($clear->steepest) }}, creeps {{ OakGloss\Plan\ClearPlan::SAG_LIMIT_MM }} mm</small>@endif @if ($clear->sags())<span class="risk is-stop">this coat sags</span>@endif</dd></div>
                <div><dt>peel left, by levelling</dt><dd>{{ number_format($clear->clear->sprayed->peelUm(), 1) }} µm <small>{{ $clear->polish ? 'the first paper takes it' : 'stays in the surface' }}</small></dd></div>
                <div><dt>stays for the sun</dt><dd>{{ round($clear->remainsUm()) }} µm of {{ round($clear->dryUm) }} <small>{{ round($clear->clear->finalUm) }} should</small>@unless ($clear->guardsEnough())<span class="risk is-stop">too thin</span>@endunless</dd></div>
                <div><dt>{{ $clear->polish ? 'flat and polish after' : 'handle after' }}</dt><dd>{{ $format->span($clear->readyMin) }}</dd></div>
            </dl>
        </div>
        @if ($clear->sags())<ul class="findings"><li class="finding is-warn"><b>A coat of {{ round($clear->clear->sprayed->wetUm) }} µm runs on {{ $clear->steepest->name }}.</b> Lay that face flatter, or lay {{ (int) ceil($clear->coats * $clear->clear->sprayed->wetUm / $clear->greatestWetUm) }} coats of {{ floor($clear->greatestWetUm) }} µm.</li></ul>@endif
        @if (! $clear->polish)<p class="cue">{{ ucfirst($part->finish) }} is never polished: a pad makes shiny patches that only another coat takes away.</p>@endif
        @elseif ($isResin)
            <p>{{ $plan->materials->clearResin->name }}{{ $plan->materials->clearResin->uvStable ? ', UV stable' : ', not UV stable: only where no sun comes' }}. Flatted to P2000, then compound; {{ $plan->worst() ? $format->um($plan->worst()->left()->inMicrometres()).' stay on '.$plan->worst()->zone->name.' after the thinnest flatting' : 'all flatting is done' }}; the compounds take {{ number_format($plan->polish()->totalCutUm(), 1) }} µm of it.</p>
        @endif
        @if ($plan->polish())
        <h3>Polish</h3>
        <table class="num"><thead><tr><th scope="col">Compound, pad</th><th scope="col">Speed at most</th><th scope="col">Cuts</th><th scope="col">Leaves</th><th scope="col">Time</th><th scope="col">Gloss at 60°</th></tr></thead><tbody>
        @foreach ($plan->polish()->steps as $rung)<tr><th scope="row">{{ $format->word('compound', $rung['compound']->value) }}</th><td>{{ $rung['compound']->mostRpm() }} /min</td><td>{{ number_format($rung['cutUm'], 2) }} µm</td><td>{{ number_format($rung['leftUm'], 2) }} µm</td><td>{{ $format->span($rung['minutes']) }}</td><td>{{ round($rung['gloss']->gu) }} <small>{{ round($rung['gloss']->leastGu) }} to {{ round($rung['gloss']->mostGu) }}</small></td></tr>@endforeach
        </tbody></table>
        <p class="cue">Tape edges, keep the pad flat and moving; a film that feels warmer than a hand is about to burn. {{ __('cautions.defers') }}</p>
        @endif
        <x-why what="clear, polish and gloss"><p>Dry film is wet film times volume solids; coats cover what should stay and what flatting and polish take. Flash and waiting times follow the air as resin does (halved by about 10 °C, assumed). A coat sags where ρ g sinθ h²/2η over its time to set passes {{ OakGloss\Plan\ClearPlan::SAG_LIMIT_MM }} mm. Peel left by model of levelling. Compounds take 1.25 times the scratch before them. Gloss: Fresnel reflection at 60° against black glass, dimmed by what roughness scatters; roughness known to ± 35 %, a meter to ± 1.5 GU (assumed).</p></x-why>
    </section>
    <section class="card" aria-labelledby="gloss-title">
        <h2 id="gloss-title">Gloss at 60°</h2>
        @if ($plan->gloss())<p class="num gloss-now"><b class="huge is-calm">{{ round($plan->gloss()->gu) }}</b> GU expected, {{ round($plan->gloss()->leastGu) }} to {{ round($plan->gloss()->mostGu) }}</p>@endif
        @if ($readings !== [])<table class="num gloss-readings"><thead><tr><th scope="col">Read</th><th scope="col">After</th><th scope="col">GU</th><th scope="col">Against expected</th></tr></thead><tbody>
        @foreach (array_reverse($readings) as $fact)<tr><td>{{ $format->date($fact->atMin) }}</td><td>{{ lcfirst($format->stepName($fact->step)) }}</td><td><b>{{ number_format($fact->content->gu, 1) }}</b> <small>{{ $fact->content->isByMeter() ? 'meter, three places' : 'typed' }}</small></td><td>{{ $plan->gloss() ? sprintf('%+.1f', $fact->content->gu - $plan->gloss()->gu).($plan->gloss()->holds($fact->content->gu) ? ', within' : ', outside') : '–' }}</td></tr>@endforeach
        </tbody></table>@endif
        @can('work', $part)
        <form method="post" action="{{ route('gloss.store', $part) }}" novalidate>@marks
            <div class="row-fields"><x-field name="gu" label="The display shows" unit="GU" type="number" /><button class="btn" name="by" value="hand">Keep gloss</button>@if ($hasMeter)<button class="btn" name="by" value="meter">Read the meter</button>@endif</div>
        </form>
        @endcan
        <h3>Under the clear</h3>
        @php($canStripe = in_array('stripes', $open, true) && ! $isResin)
        <form method="post" action="{{ route('parts.choice', $part) }}">@marks @method('PUT')<input type="hidden" name="field" value="stripes">
            <fieldset class="stripe-pick" @disabled(! $canStripe)><legend>Masked lines or stripes</legend>@foreach (range(0, 4) as $n)<button name="value" value="{{ $n }}" @class(['btn', 'is-on' => $plan->brief->choices->stripes === $n]) aria-pressed="{{ $plan->brief->choices->stripes === $n ? 'true' : 'false' }}">{{ $n === 0 ? 'none' : $n }}</button>@endforeach</fieldset>
        </form>
        <p class="soft">Each is masked along a body line, sprayed thin, unmasked after 20 min, and lies under the clear.</p>
    </section>
    </div>
    <section class="card" aria-labelledby="choose-title">
        <h2 id="choose-title">Other tops</h2>
        <div class="tops">
            <form method="post" action="{{ route('parts.choice', $part) }}" @class(['top', 'is-taken' => $isResin])>@marks @method('PUT')<input type="hidden" name="field" value="top">
                <h3>Polish the resin</h3><p class="num">no coat more · {{ round(OakGloss\Optics\PolishLadder::from(1.03, 1)->gloss()->gu) }} GU</p><p class="soft">{{ $resinRefused ?? 'To P2000, then compound. UV-stable resin in the sun.' }}</p>
                @if ($isResin)<p class="soft">taken</p>@else<button class="btn" name="value" value="polish_resin" @disabled($resinRefused || ! in_array('top', $open, true))>Take</button>@endif
            </form>
            @foreach ($clears as ['id' => $id, 'plan' => $other, 'isCurrent' => $isCurrent])
            <form method="post" action="{{ route('parts.choice', $part) }}" @class(['top', 'is-taken' => $isCurrent])>@marks @method('PUT')<input type="hidden" name="field" value="clear_id">
                <h3>{{ $other->clear->name }}</h3>
                <p class="num">{{ $format->count($other->coats, 'coat') }} · {{ $other->cans() ? $format->count($other->cans(), 'can') : round(1000 * $other->litres).' ml' }} · {{ round($other->remainsUm()) }} µm stay · {{ round($other->gloss->gu) }} GU</p>
                <p class="soft">{{ $format->word('clear_kind', $other->clear->kind->value) }}; {{ $other->polish ? 'polish' : 'handle' }} after {{ $format->span($other->readyMin) }}{{ $other->sags() ? '; sags on '.$other->steepest->name : '' }}{{ $other->guardsEnough() ? '' : '; too thin for the sun' }}</p>
                @if ($isCurrent)<p class="soft">taken</p>@else<button class="btn" name="value" value="{{ $id }}" @disabled(! $canTop)>Take<span class="visually-hidden"> {{ $other->clear->name }}</span></button>@endif
            </form>
            @endforeach
        </div>
        @if ($others !== [])<p class="soft">Of another sheen, for another order: {{ implode(', ', $others) }}.</p>@endif
        @unless ($canTop)<p class="soft">What was done has settled the top.</p>@endunless
        @if ($fillers !== [] && ! $isResin)
        <h3>A filler clear first</h3>
        <div class="tops">
            <form method="post" action="{{ route('parts.choice', $part) }}" @class(['top', 'is-taken' => $part->filler_id === null])>@marks @method('PUT')<input type="hidden" name="field" value="filler_id"><h3>None</h3><p class="soft">Straight onto the flatted resin.</p>@if ($part->filler_id === null)<p class="soft">taken</p>@else<button class="btn" name="value" value="" @disabled(! in_array('filler_id', $open, true))>Take<span class="visually-hidden"> no filler</span></button>@endif</form>
            @foreach ($fillers as ['id' => $id, 'plan' => $other, 'isCurrent' => $isCurrent])
            <form method="post" action="{{ route('parts.choice', $part) }}" @class(['top', 'is-taken' => $isCurrent])>@marks @method('PUT')<input type="hidden" name="field" value="filler_id">
                <h3>{{ $other->clear->name }}</h3><p class="num">{{ $format->count($other->coats, 'coat') }} · {{ round(1000 * $other->litres) }} ml · {{ round($other->dryUm) }} µm, {{ round($other->flatTakesUm) }} flatted off</p>
                <p class="soft">Fills pinholes and telegraphing; blocked flat P240 to P400.{{ $other->clear->needsReleaseFilm ? ' Polyester: release film over it, air keeps it soft.' : '' }}</p>
                @if ($isCurrent)<p class="soft">taken</p>@else<button class="btn" name="value" value="{{ $id }}" @disabled(! in_array('filler_id', $open, true))>Take<span class="visually-hidden"> {{ $other->clear->name }}</span></button>@endif
            </form>
            @endforeach
        </div>
        @endif
    </section>
</div>
</x-layouts.app>
