@inject('format', 'App\Words\Formatter')
@inject('sentences', 'App\Words\Sentences')
@php([$part, $plan] = [$planned->part, $planned->plan])
@php($said = $sentences->answer($answer))
<x-layouts.app :title="'Sand '.$part->name">
@include('parts.head')
<div class="page sand">
@if ($answer->worst || $answer->bare)
    <section @class(['card', 'answer-line', 'is-'.$answer->code]) aria-labelledby="answer-title"><div><h2 id="answer-title">{{ $said['what'] }}</h2><p>{{ $said['do'] }}@if ($answer->finerFrom) Or begin with P{{ $answer->finerFrom }}, below: so thin a cover forbids the coarser paper. @endif</p></div>@if ($answer->choice)<a class="btn" href="{{ route('parts.film', $part) }}">Film and one more coat</a>@endif</section>
@endif
@foreach ($flats as $n => ['step' => $step, 'scale' => $scale, 'profile' => $profile, 'papers' => $papers, 'ways' => $ways, 'changes' => $changes, 'buy' => $buy])
    @php($isNow = $step === $plan->next() && $planned->next->needsHandsNow())
    <section @class(['card', 'ladder', 'is-done' => $step->isDone(), 'is-next' => $step === $plan->next()]) aria-labelledby="ladder-{{ $n }}">
        <div class="card-head">
            <h2 id="ladder-{{ $n }}">{{ $format->step($step->step) }} <span class="soft">P{{ $step->ladder->first()->number }} to P{{ $step->ladder->last()->number }}, {{ $format->word('driven', $step->ladder->method->value) }}</span></h2>
            <p class="num">@if ($step->isDone())done {{ $format->date($step->doneAtMin) }}@else{{ $format->span($step->handsMin) }} · {{ $isNow ? 'now' : $format->when($planned->schedule->slot($step->step->key)?->startMin) }}@endif</p>
        </div>
        @if ($buy !== [])<ul class="findings"><li class="finding is-warn"><b>The shelf has a gap for {{ $format->word('driven', $step->ladder->method->value) }}.</b> Buy {{ implode(', ', array_map(fn ($p) => "P{$p}", $buy)) }}, or drive it another way.</li></ul>@endif
        <div class="ladder-body">
            <div>
                <div class="table-scroll" tabindex="0" role="group" aria-label="Ladder; scroll sideways"><table class="ladder-table num"><thead><tr><th scope="col">Grit</th><th scope="col">Cuts</th><th scope="col">Leaves</th><th scope="col">Time</th><th scope="col">{{ $step->ladder->method->value === 'orbital' ? 'Discs' : 'Half sheets' }}</th><th scope="col"><span class="visually-hidden">State</span></th></tr></thead><tbody>
                @foreach ($step->ladder->steps as $r => $rung)
                    <tr @class(['is-done' => in_array($rung->grit->number, $step->passes, true), 'is-next' => ! $step->isDone() && $step->nextGrit() === $rung->grit->number && $step === $plan->next()])><th scope="row">P{{ $rung->grit->number }}</th><td>{{ number_format($rung->cutUm, 1) }} µm</td><td>{{ number_format($step->ladder->method->scratchUm($rung->grit), 1) }} µm</td><td>{{ $format->span($rung->minutes) }}</td><td @class(['is-over' => $papers[$r]['pieces'] > $papers[$r]['has']])>{{ $papers[$r]['pieces'] }} <small>of {{ $papers[$r]['has'] }}</small></td><td>{{ in_array($rung->grit->number, $step->passes, true) ? 'sanded' : '' }}</td></tr>
                @endforeach
                </tbody></table></div>
                <p class="cue">{{ $format->cue($step->step) }}</p>
                <x-cautions :step="$step->step" />
                @if ($isNow)
                    <form method="post" action="{{ route('facts.store', $part) }}" class="pass" aria-label="Log a pass" novalidate>@marks
                        <input type="hidden" name="kind" value="sanded"><input type="hidden" name="step" value="{{ $step->step->key }}"><input type="hidden" name="to" value="part">
                        <h3>Log a pass</h3>
                        <div class="row-fields">
                            <x-pick name="zone" label="Zone" :choices="['' => 'all faces, edges by hand'] + collect($plan->brief->coatedZones())->mapWithKeys(fn ($z) => [$z->name => $format->zone($z)])->all()" :value="App\View\Old::of('zone')" />
                            <x-pick name="grit" label="Paper" :choices="collect([...array_map(fn ($s) => $s->grit->number, $step->ladder->steps), ...$plan->materials->grits])->unique()->sort()->mapWithKeys(fn ($p) => [$p => 'P'.$p])->all()" :value="App\View\Old::of('grit', $step->nextGrit() ?? $step->ladder->last()->number)" />
                            <x-pick name="how" label="How" :choices="['wet_block' => 'wet, on a block', 'dry_block' => 'dry, on a block', 'orbital' => 'orbital']" :value="App\View\Old::of('how', $step->ladder->method->value)" />
                            <x-field name="minutes" label="Minutes" unit="min" type="number" />
                        </div>
                        <div class="ends">
                            <button class="btn go" name="end" value="matt" data-key="m">Uniformly matt</button><button class="btn" name="end" value="lows">Still shiny lows</button><button class="btn is-stop" name="end" value="weave">Weave shows</button><button class="btn quiet" name="end" value="open">Laid away, not looked</button>
                        </div>
                    </form>
                    <div class="reminders" aria-label="At each grit">
                        <p>At each grit: {{ $step->ladder->method->value === 'wet_block' ? 'clean water, ' : 'dust off by extraction or a damp wipe, ' }}wipe, guide coat, turn the direction.</p>
                        <form method="post" action="{{ route('sand.change', [$part, $step->step->key]) }}">@marks
                            @foreach (['water' => 'Water changed', 'paper' => 'Fresh paper', 'wipe' => 'Wiped', 'guide' => 'Guide coat on'] as $what => $label)@if ($what !== 'water' || $step->ladder->method->value === 'wet_block')<button class="btn quiet" name="what" value="{{ $what }}">{{ $label }} <b class="num">{{ $changes[$what] }}</b></button>@endif @endforeach
                        </form>
                    </div>
                    @include('bench.acts', ['call' => $planned, 'next' => $planned->next, 'coat' => $plan->lastCoat(), 'to' => 'part', 'primary' => true])
                @elseif (array_sum($changes) > 0)
                    <p class="soft num">Changed: {{ implode(', ', array_filter(array_map(fn ($w) => $changes[$w] > 0 ? $changes[$w].' × '.$w : null, array_keys($changes)))) }}.</p>
                @endif
                <x-why what="this ladder"><p>The cheapest chain over the papers on the shelf that can be driven so, in which no step jumps more than 2.2 times in grain (shortest path). The first paper takes the texture and 10 µm of waviness (assumed); each later one 1.25 times the scratch before it. Time is area times cut over the paper's removal speed (Preston; at P120 0.5 wet, 0.6 dry, 2.0 orbital, m²·µm/min, assumed), plus 2 min a change. Paper: a half sheet of P120 takes 4 cm³ wet, 2.5 dry, a disc 6 (assumed), in proportion to the grain.</p></x-why>
            </div>
            <div>
            @if ($scale->rows !== [])
            <figure>
                @php($h = 34 + 44 * count($scale->rows))
                <svg viewBox="0 0 {{ App\View\Drawing\CutScale::WIDTH }} {{ $h }}" role="img" aria-labelledby="cut-{{ $n }}-title">
                    <title id="cut-{{ $n }}-title">What each grit takes and what stays over the weave, µm to scale, per zone</title>
                    @foreach ($scale->ticks as $tick)<path d="M{{ $tick['x'] }} 18V{{ $h - 6 }}" @class(['tick-line', 'is-zero' => $loop->first])/><text x="{{ $tick['x'] }}" y="12" text-anchor="middle" class="axis">{{ $tick['label'] }}</text>@endforeach
                    @foreach ($scale->rows as $r => $row)
                        @php($y = 24 + 44 * $r)
                        <text x="112" y="{{ $y + 17 }}" text-anchor="end" class="zone-name">{{ $row['state']->zone->name }}</text>
                        <text x="112" y="{{ $y + 31 }}" text-anchor="end" class="axis">{{ $row['byHand'] ? 'by hand' : ($row['state']->zone->slopeDeg < 1 ? 'level' : round($row['state']->zone->slopeDeg).'°') }}</text>
                        <rect x="{{ min($scale->zeroX, $row['leftX']) }}" y="{{ $y }}" width="{{ abs($row['leftX'] - $scale->zeroX) }}" height="26" class="stays is-{{ $row['riskClass'] }}"/>
                        @foreach ($row['bars'] as $b => $bar)<rect x="{{ min($bar['fromX'], $bar['toX']) }}" y="{{ $y }}" width="{{ max(1.2, $bar['toX'] - $bar['fromX']) }}" height="26" @class(['cut', 'cut-'.($b % 4), 'is-done' => $bar['isDone']])/>@if ($bar['toX'] - $bar['fromX'] > 34)<text x="{{ ($bar['fromX'] + $bar['toX']) / 2 }}" y="{{ $y + 17 }}" text-anchor="middle" @class(['on-cut', 'is-done' => $bar['isDone']])>P{{ $bar['grit'] }}</text>@endif @endforeach
                        @if (! $step->isDone())<path d="M{{ $row['keepX'] }} {{ $y - 3 }}v32" class="keep-line"/>@endif
                        @if ($row['nowX'] !== null && ! $step->isDone())<path d="M{{ $row['nowX'] }} {{ $y - 5 }}l-5 -6h10zM{{ $row['nowX'] }} {{ $y - 5 }}v36" class="now-mark"/>@endif
                        <path d="M{{ $row['doubtX'] }} {{ $y + 31 }}H{{ $row['leftX'] }}M{{ $row['doubtX'] }} {{ $y + 28 }}v6" class="doubt"/>
                        @if ($row['leftX'] - $scale->zeroX > 66)<text x="{{ $scale->zeroX + 8 }}" y="{{ $y + 18 }}" class="on-stays">{{ $format->um($row['leftUm']) }}</text>@endif
                    @endforeach
                </svg>
                <figcaption class="soft">From the right: what each grit takes. Solid: what stays over the weave's crowns. Dashed: what must stay. Thin line: one deviation of doubt.@if ($isNow) Triangle: where the zone is now.@endif</figcaption>
                <div class="table-scroll" tabindex="0" role="group" aria-label="Budget of the zones; scroll sideways"><table class="num"><thead><tr><th scope="col">Zone</th><th scope="col">Over crowns</th>@foreach ($step->ladder->steps as $rung)<th scope="col">after P{{ $rung->grit->number }}</th>@endforeach<th scope="col">Stays</th><th scope="col">Must stay</th><th scope="col">Burns through</th><th scope="col">Seen</th></tr></thead><tbody>
                @foreach ($scale->rows as $row)
                    <tr><th scope="row">{{ $row['state']->zone->name }}@if ($row['byHand']) <span class="soft">by hand</span>@endif</th><td>{{ $format->um($row['coverUm']) }}</td>
                    @foreach ($step->ladder->steps as $rung)<td>{{ ($bar = collect($row['bars'])->firstWhere('grit', $rung->grit->number)) ? $format->um($bar['leftUm']) : '–' }}</td>@endforeach
                    <td><b>{{ $format->um($row['leftUm']) }}</b> <small>± {{ round($row['doubtUm']) }}</small></td><td>{{ $format->um($row['state']->keepUm($plan->shop->targetBurnThrough)) }}</td><td><span class="risk is-{{ $row['riskClass'] }}">{{ $format->percent($row['state']->risk()) }}</span> <small>{{ $format->chance($row['state']) }} any</small></td><td>{{ $row['end'] === null ? '–' : $format->word('pass_end', $row['end']) }}</td></tr>
                @endforeach
                </tbody></table></div>
            </figure>
            @else
                <p class="soft side-note">This ladder cuts the clear, not the resin over the weave: {{ $format->um($step->ladder->totalCutUm()) }}@if ($layer = $step->step->key === 'filler-flat' ? $plan->filler : $plan->clear) of {{ $format->um($layer->dryUm) }} dry film from {{ $layer->coats }} coats @endif</p>
            @endif
            <figure class="scratches">
                <svg viewBox="0 0 {{ App\View\Drawing\ScratchProfile::WIDTH }} {{ App\View\Drawing\ScratchProfile::HEIGHT }}" role="img" aria-labelledby="scratch-{{ $n }}-title">
                    <title id="scratch-{{ $n }}-title">Scratch of each paper, to scale: {{ implode(', ', array_map(fn ($s) => $s['label'].' '.number_format($s['depthUm'], 1).' µm', $profile->strips)) }}; {{ $format->word('over', $profile->next) }} hides {{ number_format($profile->limitUm, 1) }} µm</title>
                    @foreach ($profile->strips as $strip)<path d="{{ $strip['path'] }}" class="scratch"/><text x="{{ $strip['x'] }}" y="12" class="axis">{{ $strip['label'] }}</text><text x="{{ $strip['x'] + $strip['width'] }}" y="{{ App\View\Drawing\ScratchProfile::HEIGHT - 3 }}" text-anchor="end" class="axis">{{ number_format($strip['depthUm'], 1) }} µm</text>@endforeach
                    <path d="M4 {{ $profile->limitY }}H{{ App\View\Drawing\ScratchProfile::WIDTH - 4 }}" class="plane-line"/>
                </svg>
                <figcaption class="soft">Scratches, depth and width to one scale. Dashed: the deepest that {{ $format->word('over', $profile->next) }} hides, {{ number_format($profile->limitUm, 1) }} µm{{ $profile->suits ? '.' : '; the last paper is too coarse.' }}</figcaption>
            </figure>
            </div>
        </div>
        @if (count($ways) > 1)
        <details class="other-ways" @if ($isNow) open @endif><summary>Other ways to drive it</summary>
            <form method="post" action="{{ route('sand.decide', [$part, $step->step->key]) }}" class="way-list">@marks
            @foreach ($ways as $way)
                <div @class(['way', 'is-taken' => $way['isCurrent']])><p><b>{{ Str::ucfirst($format->word('driven', $way['driven']->value)) }}, from P{{ $way['from'] }}</b> <span class="num soft">{{ $format->span($way['minutes']) }}@if ($way['leftUm'] !== null) · leaves {{ $format->um($way['leftUm']) }} on the thinnest face · {{ $format->percent($way['risk']) }} risk @endif</span></p>
                @if ($way['isCurrent'])<span class="soft">taken</span>@else<button class="btn" name="way" value="{{ $way['driven']->value }}-{{ $way['from'] }}">Take<span class="visually-hidden"> {{ $format->word('driven', $way['driven']->value) }} from P{{ $way['from'] }}</span></button>@endif</div>
            @endforeach
            </form>
        </details>
        @endif
    </section>
@endforeach
</div>
</x-layouts.app>
