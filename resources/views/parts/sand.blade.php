@inject('say', 'App\Words\Say')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="'Sand '.$part->name">
@include('parts.head')
<div class="page sand">
@foreach ($flats as $n => ['step' => $step, 'scale' => $scale])
    <section @class(['card', 'ladder', 'is-done' => $step->isDone(), 'is-next' => $step === $plan->next()]) aria-labelledby="ladder-{{ $n }}">
        <div class="card-head">
            <h2 id="ladder-{{ $n }}">{{ $say->step($step->step) }} <span class="soft">P{{ $step->ladder->first()->number }} to P{{ $step->ladder->last()->number }}, {{ $say->word('driven', $step->step->grits->driven->value) }}</span></h2>
            <p class="num">@if ($step->isDone())done {{ $say->date($step->doneAtMin) }}@else{{ $say->span($step->handsMin) }} · {{ $step === $plan->next() && $planned->next->needsHandsNow() ? 'now' : $say->when($planned->schedule->slot($step->step->key)?->startMin) }}@endif</p>
        </div>
        <div class="ladder-body">
            <div>
                <table class="ladder-table num"><thead><tr><th scope="col">Grit</th><th scope="col">Cuts</th><th scope="col">Leaves scratch</th><th scope="col">Time</th><th scope="col"><span class="visually-hidden">State</span></th></tr></thead><tbody>
                @foreach ($step->ladder->steps as $rung)
                    <tr @class(['is-done' => in_array($rung->grit->number, $step->passes, true), 'is-next' => ! $step->isDone() && $step->nextGrit() === $rung->grit->number && $step === $plan->next()])><th scope="row">P{{ $rung->grit->number }}</th><td>{{ number_format($rung->cutUm, 1) }} µm</td><td>{{ number_format($step->ladder->method->scratchUm($rung->grit), 1) }} µm</td><td>{{ $say->span($rung->minutes) }}</td><td>{{ in_array($rung->grit->number, $step->passes, true) ? 'sanded' : '' }}</td></tr>
                @endforeach
                </tbody></table>
                <p class="cue">{{ $say->cue($step->step) }}</p>
                <p class="soft">{{ $step->step->grits->driven->value === 'wet_block' ? 'Clean water and a wipe at each grit' : 'Dust off by extraction or a damp wipe at each grit' }}; turn the direction.</p>
                <x-why what="this ladder"><p>The cheapest chain over the papers on the shelf in which no step jumps more than 2.2 times in grain (shortest path). The first paper takes the texture and 10 µm of waviness (assumed); each later one 1.25 times the scratch before it. Time is area times cut over the paper's removal speed (Preston; at P120 0.5 wet, 0.6 dry m²·µm/min, assumed), plus 2 min a change.</p></x-why>
                <x-cautions :step="$step->step" />
                @if ($step === $plan->next() && $planned->next->needsHandsNow())
                    @include('bench.acts', ['call' => $planned, 'next' => $planned->next, 'coat' => $plan->lastCoat(), 'to' => 'part', 'primary' => true])
                @endif
            </div>
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
                        @foreach ($row['bars'] as $b => $bar)<rect x="{{ $bar['fromX'] }}" y="{{ $y }}" width="{{ max(1.2, $bar['toX'] - $bar['fromX']) }}" height="26" @class(['cut', 'cut-'.($b % 4), 'is-done' => $bar['isDone']])/>@if ($bar['toX'] - $bar['fromX'] > 34)<text x="{{ ($bar['fromX'] + $bar['toX']) / 2 }}" y="{{ $y + 17 }}" text-anchor="middle" class="on-cut">P{{ $bar['grit'] }}</text>@endif @endforeach
                        <path d="M{{ $row['doubtX'] }} {{ $y + 31 }}H{{ $row['leftX'] }}M{{ $row['doubtX'] }} {{ $y + 28 }}v6" class="doubt"/>
                        @if ($row['leftX'] - $scale->zeroX > 66)<text x="{{ $scale->zeroX + 8 }}" y="{{ $y + 18 }}" class="on-stays">{{ $say->um($row['leftUm']) }}</text>@endif
                    @endforeach
                </svg>
                <figcaption class="soft">From the right: what each grit takes. Solid: what stays over the weave's crowns. Thin line: one standard deviation of doubt.</figcaption>
                <table class="num"><thead><tr><th scope="col">Zone</th><th scope="col">Over crowns</th>@foreach ($step->ladder->steps as $rung)<th scope="col">after P{{ $rung->grit->number }}</th>@endforeach<th scope="col">Stays</th><th scope="col">Burns through</th></tr></thead><tbody>
                @foreach ($scale->rows as $row)
                    <tr><th scope="row">{{ $row['state']->zone->name }}@if ($row['byHand']) <span class="soft">by hand</span>@endif</th><td>{{ $say->um($row['state']->before->crownCover()->inMicrometres()) }}</td>
                    @foreach ($step->ladder->steps as $rung)<td>{{ ($bar = collect($row['bars'])->firstWhere('grit', $rung->grit->number)) ? $say->um($bar['leftUm']) : '–' }}</td>@endforeach
                    <td><b>{{ $say->um($row['leftUm']) }}</b> <small>± {{ round($row['doubtUm']) }}</small></td><td><span class="risk is-{{ $row['riskClass'] }}">{{ $say->percent($row['state']->risk()) }}</span></td></tr>
                @endforeach
                </tbody></table>
            </figure>
            @else
                <p class="soft side-note">This ladder cuts the clear, not the resin over the weave: {{ $say->um($step->ladder->totalCutUm()) }} of {{ $say->um($plan->clearCoats * ($plan->materials->clear?->sprayed->dryPerCoatUm() ?? 0)) }} dry film from {{ $plan->clearCoats }} coats.</p>
            @endif
        </div>
    </section>
@endforeach
</div>
</x-layouts.app>
