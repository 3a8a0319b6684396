@inject('format', 'App\Words\Formatter')
@inject('sentences', 'App\Words\Sentences')
@php([$part, $plan] = [$planned->part, $planned->plan])
@php($said = $sentences->answer($answer))
<x-layouts.app :title="'Film of '.$part->name">
@include('parts.head')
<div class="page film">
    <section @class(['card', 'answer-line', 'is-'.$answer->code]) aria-labelledby="answer-title">
        <div><h2 id="answer-title">{{ $said['what'] }}</h2><p>{{ $said['do'] }}@if ($answer->finerFrom) Or <a href="{{ route('parts.sand', $part) }}">begin with P{{ $answer->finerFrom }}</a>: so thin a cover forbids the coarser paper. @endif</p></div>
        @if ($answer->choice)
            @php($more = ($answer->choice === 'build_coats' ? $plan->buildCoats : $plan->brief->choices->finishCoats) + 1)
            @can('work', $part)<form method="post" action="{{ route('parts.choice', $part) }}">@marks @method('PUT')<input type="hidden" name="field" value="{{ $answer->choice }}"><button class="btn go" name="value" value="{{ $more }}">One more coat: {{ $more }} {{ $answer->choice === 'build_coats' ? 'build' : 'finish' }} coats</button></form>@endcan
        @endif
    </section>
    <div class="film-grid">
    <section class="card" aria-labelledby="film-title">
        <div class="card-head"><h2 id="film-title">Film over the crowns, now</h2><p class="soft">{{ $scale->isMeasured ? 'with what was read' : 'by grams, air and passes; nothing read yet' }} · µm</p></div>
        @if ($scale->rows === [])<p class="soft empty">The film begins with the wet-out.</p>@else
        @php($h = 30 + 46 * count($scale->rows))
        <svg viewBox="0 0 {{ App\View\Drawing\FilmScale::WIDTH }} {{ $h }}" role="img" aria-labelledby="film-svg-title film-svg-desc" class="film-scale">
            <title id="film-svg-title">Film over the crowns of each zone, to scale</title><desc id="film-svg-desc">Bar: best estimate. Whisker: where the zone's mean lies in 95 of 100. Dotted: what the model says without readings. Dashed: where the next flatting ends. The table tells the same.</desc>
            @foreach ($scale->ticks as $tick)<path d="M{{ $tick['x'] }} 18V{{ $h - 4 }}" @class(['tick-line', 'is-zero' => $loop->first])/><text x="{{ $tick['x'] }}" y="12" text-anchor="middle" class="axis">{{ $tick['label'] }}</text>@endforeach
            @foreach ($scale->rows as $r => $row)
                @php($y = 24 + 46 * $r)
                <text x="120" y="{{ $y + 19 }}" text-anchor="end" class="zone-name">{{ $row['zone']->name }}</text>
                <rect x="{{ $row['fromX'] }}" y="{{ $y }}" width="{{ max(1, $row['toX'] - $row['fromX']) }}" height="28" @class(['film-bar', 'is-bare' => $row['coverUm'] < 0])/>
                <path d="M{{ $row['modelX'] }} {{ $y - 3 }}v34" class="model-mark"/>
                <path d="M{{ $row['lowX'] }} {{ $y + 14 }}H{{ $row['highX'] }}M{{ $row['lowX'] }} {{ $y + 8 }}v12M{{ $row['highX'] }} {{ $y + 8 }}v12" class="whisker"/>
                @if ($row['leftX'] !== null)<path d="M{{ $row['leftX'] }} {{ $y - 4 }}v36" class="plane-line is-{{ $row['riskClass'] }}"/>@endif
            @endforeach
        </svg>
        <p class="soft">Bar: best estimate. Whisker and ±: where the zone's mean lies in 95 of 100. Dotted: the model alone. Dashed: where the next flatting ends.</p>
        <div class="table-scroll" tabindex="0" role="group" aria-label="Film of the zones; scroll sideways"><table class="num"><thead><tr><th scope="col">Zone</th><th scope="col">Over crowns</th><th scope="col">Mean known to</th><th scope="col">Off the model</th><th scope="col">Texture</th><th scope="col">After flatting</th><th scope="col">Burns through</th></tr></thead><tbody>
        @foreach ($scale->rows as $row)
            <tr><th scope="row">{{ $format->zone($row['zone']) }}</th><td><b>{{ $format->um($row['coverUm']) }}</b></td><td>± {{ $format->um(2 * $row['doubtUm']) }}</td><td>{{ $row['state']->isMeasured() ? sprintf('%+d µm', round($row['state']->offUm())) : '–' }}</td><td>{{ $format->um($row['textureUm']) }}</td><td>{{ $row['flat'] ? $format->um($row['flat']->left()->inMicrometres()) : '–' }}</td><td>@if ($row['flat'])<span class="risk is-{{ $row['riskClass'] }}">{{ $format->percent($row['flat']->risk()) }}</span>@else – @endif</td></tr>
        @endforeach
        </tbody></table></div>
        <x-why what="the estimate"><p>The model's doubt (20 % of the film plus 8 µm) is split: 0.6 of it is scatter within a zone and stays, 0.8 is doubt of the zone's mean, half of that variance common to all zones, half its own. Each reading moves mean and doubt by its weight against theirs (Kalman); a zone's own habit holds for its next coats. "Weave shows" puts the mean below 1.65 scatters, "uniformly matt" above about one. Shares are assumed; docs/models/surface.md says more.</p></x-why>
        @endif
    </section>
    <section class="card measure" aria-labelledby="measure-title">
        <h2 id="measure-title">Read the film</h2>
        <form method="post" action="{{ route('film.store', $part) }}" novalidate>@marks<input type="hidden" name="kind" value="part_weighed">
            <h3>The part on the scale, dry</h3>
            <p>Steps of {{ $plan->shop->partScaleStepG }} g over {{ $format->area($plan->brief->coatedAreaM2()) }}: two weighings tell <b class="num">{{ number_format($resolvesUm, 1) }} µm</b> of mean film.@if ($answer->toGoG > 0.05) <b class="num">{{ number_format($answer->toGoG, 1) }} g</b> to go to the end of the next flatting; @if ($answer->limitG < $answer->toGoG) stop after <b class="num">{{ number_format($answer->limitG, 1) }} g</b>. @else {{ number_format($answer->limitG, 1) }} g are the end of the budget. @endif @endif @if ($lastWeighed) Last: <b class="num">{{ number_format($lastWeighed, $plan->shop->partScaleStepG < 1 ? 1 : 0) }} g</b>.@endif</p>
            <div class="row-fields"><x-field name="part_g" label="It weighs" unit="g" type="number" /><button class="btn">Keep weight</button></div>
        </form>
        <form method="post" action="{{ route('film.store', $part) }}" novalidate>@marks<input type="hidden" name="kind" value="measured">
            <h3>A thickness</h3>
            <p class="soft">Skin thickness: ply and base are taken off ({{ $format->um($plan->materials->cloth->weave->thicknessUm()) }} of ply).</p>
            <div class="row-fields">
                <x-pick name="way" label="By" :choices="['slug' => 'calliper on a drilled slug', 'offcut' => 'calliper on an off-cut', 'gauge' => 'film gauge, whole skin', 'cut_face' => 'cut face under a loupe, over crowns']" value="slug" />
                <x-pick name="zone" label="Zone" :choices="collect($plan->brief->coatedZones())->mapWithKeys(fn ($z) => [$z->name => $z->name])->all()" :value="$plan->brief->coatedZones()[0]->name ?? ''" />
                <x-field name="um" label="Thickness" type="number" />
                <x-pick name="unit" label="in" :choices="['um' => 'µm', 'mm' => 'mm']" value="um" />
                <x-field name="n" label="Mean of" unit="readings" type="number" :value="1" />
                <button class="btn">Keep thickness</button>
            </div>
        </form>
        <p class="soft">"Weave shows" and "shiny lows" are told with the pass, in <a href="{{ route('parts.sand', $part) }}">Sand</a>.</p>
    </section>
    </div>
    <section class="card" aria-labelledby="runs-title">
        <div class="card-head"><h2 id="runs-title">What runs: the next coat at {{ $format->celsius($runs['airC']) }}, {{ round($runs['gM2']) }} g/m²</h2></div>
        <div class="table-scroll" tabindex="0" role="group" aria-label="Runs; scroll sideways"><table class="num"><thead><tr><th scope="col">Zone</th><th scope="col">Keeps of it</th><th scope="col">Fed by</th><th scope="col">Its line holds</th><th scope="col">Leaves the foot</th><th scope="col">Bead there</th><th scope="col">Turned at half flow</th><th scope="col">Brush marks left</th><th scope="col">Last brush</th></tr></thead><tbody>
        @foreach ($runs['zones'] as $row)
            <tr><th scope="row">{{ $format->zone($row['zone']) }}</th>
                <td>{{ round($row['keptGM2']) }} g/m²</td>
                <td>{{ implode(', ', array_map(fn ($f) => $f->name, $row['zone']->face->above)) ?: 'nothing' }}</td>
                <td @class(['is-over' => $row['asItIs']->runs()])>{{ $row['asItIs']->holdsGM2 === null ? 'any' : round($row['asItIs']->holdsGM2).' g/m²' }}</td>
                @if ($row['turned'])
                    <td>{{ number_format($row['asItIs']->gPerEdgeM, 1) }} g/m</td>
                    <td>@if ($row['asItIs']->beadMm < 0.05) none @else {{ number_format($row['asItIs']->beadMm, 1) }} mm @if ($row['asItIs']->runs())<span class="risk is-stop">runs</span>@endif @endif</td>
                    <td>{{ number_format($row['turned']->beadMm, 1) }} mm</td>
                @else
                    <td colspan="3">runs on to {{ $row['zone']->face->below[0]->name }}</td>
                @endif
                <td>{{ $row['marks']->leftUm < 0.05 ? 'none' : number_format($row['marks']->leftUm, 1).' µm' }}</td>
                <td>{{ $row['marks']->lastBrushMin === null ? 'marks stay' : 'minute '.floor($row['marks']->lastBrushMin) }}</td></tr>
        @endforeach
        </tbody></table></div>
        @if ($print)<p><b class="num">Print-through:</b> {{ lcfirst($format->step($print['step']->step)) }} {{ $format->when($print['at']) }}, the weave pulls back by <b class="num">{{ number_format($print['depthUm'], 1) }} µm</b> as the film shrinks on; @if ($print['waitUntilMin']) from {{ $format->date($print['waitUntilMin']) }} it stays under {{ OakGloss\Film\PrintThrough::SHOWS_FROM_UM }} µm, which a lamp does not show.@else a lamp does not show that. @endif</p>
        @if ($print['waitUntilMin'] && auth()->user()->can('work', $part))<form method="post" action="{{ route('sand.wait', [$part, $print['step']->step->key]) }}">@marks<button class="btn">Let the last flatting wait for it</button></form>@endif @endif
        @php($turn = $runs['zones'][0]['asItIs']->turnAtMin ?? null)
        <p>@if ($turn)Half of the flow is over {{ round($turn) }} min after the coat: turn it then. @endif Catch hanging drips from beneath after about half an hour.</p>
        <x-why what="runs and marks"><p>Drainage with the viscosity at this air until the film gels: the uppermost face after Jeffreys, those below it fed by what leaves it. A line of faces holds what loses no more than 10 % at its foot and hangs no bead there that lets go: over 1.5 mm, as a half round (assumed). Turned, what leaves is shared by both ends. Brush marks 3 mm apart and 25 µm high (assumed) level after Orchard; the last useful brushing leaves them flow enough to fall under 1 µm.</p></x-why>
    </section>
    @if ($approaches !== [])
    <section class="card" aria-labelledby="schools-title">
        <div class="card-head"><h2 id="schools-title">Many thin coats or few heavy ones</h2><p class="soft">from the wet-out to the first flatting, at {{ $format->celsius($plan->shop->workingAirC) }}</p></div>
        <div class="schools">
        @foreach ($approaches as $name => $school)
            <div @class(['school', 'is-taken' => $name === 'shop'])>
                <h3>{{ $format->word('school', $name) }}</h3>
                <dl class="num"><div><dt>a coat</dt><dd>{{ round($school['gM2']) }} g/m²</dd></div><div><dt>coats</dt><dd>{{ $school['coats'] ?? 'ten are not enough' }}</dd></div><div><dt>resin</dt><dd>{{ $format->grams($school['grams']) }}@if ($school['cups'] > 1) <small>{{ $school['cups'] }} cups a coat</small>@endif</dd></div><div><dt>hands and tack</dt><dd>{{ $format->span($school['minutes']) }}</dd></div><div><dt>runs</dt><dd>@if ($school['runsOn'])<span class="risk is-stop">on {{ $school['runsOn'] }}</span> @else none @endif<small>bead {{ number_format($school['beadMm'], 1) }} mm</small></dd></div><div><dt>burns through</dt><dd>{{ $format->percent($school['risk']) }} <small>{{ $school['worst'] }}</small></dd></div></dl>
            </div>
        @endforeach
        </div>
        <p class="soft">Heavy coats need level faces: on steep ones they drain to what the face holds, and the rest costs sanding.</p>
    </section>
    @endif
</div>
</x-layouts.app>
