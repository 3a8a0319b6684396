@inject('format', 'App\Words\Formatter')
<section class="card pace" aria-labelledby="pace-title">
    <h2 id="pace-title">This shop's own pace</h2>
    @if ($paceChart === null)
        <p>No check yet. Every tack check and paper check at the bench tells a little; the sheet's ages stand until then, with a doubt of 12 %.</p>
    @else
        @php($checks = array_column($paceChart->dots, 'check'))
        @php($counted = $paceCount['counted'])
        @php($off = round(100 * ($pace->factor - 1)))
        <div><b>{{ abs($off) < 1 ? 'As its sheet says' : ($off > 0 ? "{$off} % slower than its sheet" : abs($off).' % faster than its sheet') }}</b>, give or take {{ max(1, round(100 * $pace->sigma)) }} %, from {{ $counted === 1 ? 'one check' : "{$counted} checks" }}. One coat's window is known to {{ round(100 * $pace->rateSigma) }} %; the sheet alone leaves 12 %.
            <x-why what="the pace"><p>Each check only says between which events a coat was. The factor on all ages of this resin is the mean of what fits them, on a log scale, beginning with no more than 15 % trust against the sheet (assumed); one coat scatters by 8 % (assumed).</p></x-why></div>
        <svg viewBox="0 0 {{ App\View\Drawing\PaceChart::WIDTH }} {{ $paceChart->height }}" class="pace-chart" role="img" aria-labelledby="pace-chart-title pace-chart-desc">
            <title id="pace-chart-title">Checks against expected events</title><desc id="pace-chart-desc">Thermal age at the sheet's reference temperature from left to right. The list below tells the same.</desc>
            @foreach ($paceChart->ticks as $tick)<path d="M{{ $tick['x'] }} 40V{{ $paceChart->height - 24 }}" class="tick-line"/><text x="{{ $tick['x'] }}" y="{{ $paceChart->height - 8 }}" text-anchor="middle" class="axis">{{ $tick['label'] }}</text>@endforeach
            @foreach ($paceChart->events as $n => $event)
                <rect x="{{ $event['from'] }}" y="40" width="{{ max(1, $event['until'] - $event['from']) }}" height="{{ $paceChart->height - 64 }}" class="event-band"/>
                <path d="M{{ $event['x'] }} 36V{{ $paceChart->height - 24 }}" class="event-line event-{{ ['tack_from', 'tack_until', 'sandable'][$n] }}"/>
                <path d="M{{ $event['sheetX'] - 5 }} 32h10l-5 7z" class="sheet-mark"><title>by the sheet</title></path>
                <text x="{{ $event['x'] }}" y="{{ $n === 1 ? 14 : 27 }}" text-anchor="middle" class="axis is-event">{{ $event['label'] }}</text>
            @endforeach
            @foreach ($paceChart->rows as $row)<path d="M0 {{ $row['y'] }}H548" class="tick-line"/><text x="4" y="{{ $row['y'] + 13 }}" class="axis">{{ $row['label'] }}</text>@endforeach
            @foreach ($paceChart->dots as $dot)
                @if ($dot['stands'] === App\Planning\CheckStands::LeftOut)<path d="M{{ $dot['x'] - 4 }} {{ $dot['y'] }}l8 8m0-8l-8 8" class="lie"/>
                @else<circle cx="{{ $dot['x'] }}" cy="{{ $dot['y'] + 4 }}" r="5" @class(['check-dot', 'asks' => $dot['stands'] === App\Planning\CheckStands::Asks])/>@endif
            @endforeach
        </svg>
        <p class="soft">▾ by the sheet · lines and bands by this shop · × left out</p>
        <details class="as-table" @if (collect($checks)->contains(fn ($c) => $c->stands === App\Planning\CheckStands::Asks)) open @endif><summary>{{ count($checks) < $paceCount['all'] ? 'the newest '.count($checks).' of '.$paceCount['all'] : count($checks) }} checks</summary>
        <ul class="checks">
        @foreach (array_reverse($checks) as $check)
            <li @class(['is-asking' => $check->stands === App\Planning\CheckStands::Asks, 'is-out' => $check->stands === App\Planning\CheckStands::LeftOut])>
                <p class="num">{{ $format->when(App\Time\ShopTime::minutes($check->fact->happened_at)) }} · {{ $format->word(in_array($check->said, ['clogs', 'dusts']) ? 'paper' : 'touch', $check->said) }} at an age of {{ $format->span($check->ageMin) }} <span class="soft">{{ $check->fact->user->initials }}, {{ lcfirst($format->stepName($check->fact->step)) }}</span></p>
                @if ($check->stands === App\Planning\CheckStands::Asks)<p class="finding is-warn"><b>Far off</b> Under {{ $format->percent(App\Planning\PaceBook::FAR_OFF) }} of coats would be so at that age. Is the ratio, the mix or the probe wrong? <span>It is not averaged in until you say.</span></p>@endif
                @if ($check->stands === App\Planning\CheckStands::LeftOut)<p class="soft">left out: {{ $check->reason }}</p>@endif
                @if ($check->stands !== App\Planning\CheckStands::Counts)<form method="post" action="{{ route('facts.judge', [$check->fact->part_id, $check->fact]) }}">@marks<input type="hidden" name="counts" value="1"><button class="btn quiet">It counts</button></form>@endif
                @if ($check->stands !== App\Planning\CheckStands::LeftOut)<form method="post" action="{{ route('facts.judge', [$check->fact->part_id, $check->fact]) }}" class="one-line">@marks<input type="hidden" name="counts" value="0"><div class="field"><label for="reason-{{ $check->fact->id }}">Leave it out because</label><input id="reason-{{ $check->fact->id }}" name="reason" maxlength="200" required></div><button class="btn quiet">Leave out</button></form>@endif
            </li>
        @endforeach
        </ul></details>
        @error('reason')<p class="more"><strong>{{ $message }}</strong></p>@enderror
    @endif
</section>
