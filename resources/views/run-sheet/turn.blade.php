@inject('format', 'App\Words\Formatter')
<x-layouts.app title="Window turned round">
<div class="page turn-page">
    <header class="page-head"><h1>A window where hands are free</h1><a class="btn quiet" href="{{ route('run-sheet') }}">Run sheet</a></header>
    @if ($chosen === null)
        <section class="card calm"><p>No part takes next a coat that another has to follow while it bonds.</p></section>
    @else
    <form class="card turn-form" method="get" action="{{ route('turn') }}" novalidate>
        <x-field name="free" label="Hands are free" :value="$words" placeholder="tomorrow 13:00 to 14:30 and after 16:00" maxlength="200" required />
        <x-pick name="part" label="Part" :choices="array_map(fn ($p) => $p->part->letter.' '.$p->part->name, $able)" :value="$chosen->part->id" />
        @if (count($pool) > 1)<label class="tick"><input type="checkbox" name="pool" value="1" @checked(count($parts) > 1)> all at this stage in one cup: {{ implode(', ', array_map(fn ($p) => $p->part->letter, $pool)) }}</label>@endif
        <button class="btn go">Find ways</button>
    </form>
    @if ($free !== null && $ways === [])
        <p class="finding is-warn"><b>Nothing lands there.</b> No start, hardener or warm box on the shelf brings the window of the next coat into these hours. <span>Give it a later evening, or let it cure and key it.</span></p>
    @endif
    @foreach ($ways as $n => $found)
        @php($way = $found['way'])
        @php($from = $floor->nowMin)
        @php($until = max($way->window->closes->expectedMin, end($free)[1]) + 30)
        @php($x = fn ($m) => round(max(0, min(1, ($m - $from) / ($until - $from))) * 1160, 1))
        <section class="card turned" aria-labelledby="way-{{ $n }}">
            <h2 id="way-{{ $n }}">{{ implode(' and ', array_map(fn ($p) => $p->part->letter, $parts)) }}: coat {{ $format->when($way->starts[0]) }}, next {{ $format->when($way->nextMin) }}</h2>
            <svg viewBox="0 0 1160 64" role="img" aria-label="Coat {{ $format->when($way->starts[0]) }}, window {{ $format->between($way->window->opens->expectedMin, $way->window->closes->expectedMin) }}, next coat {{ $format->when($way->nextMin) }}">
                @foreach ($free as [$a, $b])<rect x="{{ $x($a) }}" y="4" width="{{ $x($b) - $x($a) }}" height="44" class="may-start"/><text x="{{ $x($a) + 4 }}" y="61" class="axis">{{ $format->time()->local($a)->format('H:i') }}</text>@endforeach
                <rect x="{{ $x($way->starts[0]) }}" y="18" width="{{ max(1, $x($way->window->opens->expectedMin) - $x($way->starts[0])) }}" height="16" class="wet wet-plain"/>
                <rect x="{{ $x($way->window->opens->expectedMin) }}" y="14" width="{{ max(1, $x($way->window->closes->expectedMin) - $x($way->window->opens->expectedMin)) }}" height="24" rx="2" class="bond"/>
                @if ($way->window->sure())<path d="M{{ $x($way->window->sure()['from']) }} 41H{{ $x($way->window->sure()['until']) }}" class="sure-line"/>@endif
                <path d="M{{ $x($way->nextMin) }} 6V46" class="now-line"/>
            </svg>
            <p class="num">{{ $way->hardener->resin->name }}@if ($way->hardener->isBlend()) <i>(estimate: no sheet states a blend)</i>@endif · {{ $format->grams($found['grams']) }} in {{ $found['cups'] === 1 ? 'one cup' : $found['cups'].' cups' }}, use within {{ $format->span($found['potLifeMin']) }}@if (! $found['keepsPot']) · <b class="is-stop">too long to spread from one mix: mix for each part</b>@endif</p>
            <p class="num">bonds {{ $format->between($way->window->opens->expectedMin, $way->window->closes->expectedMin) }}, {{ $format->sure($way->window) }}@if ($way->climate) · warm box at {{ round($way->climate->celsius) }} °C until {{ $format->when($way->climate->untilMin) }}@endif @if ($found['weightGM2']) · {{ round($found['weightGM2']) }} g/m² instead would save a coat @endif</p>
            <p class="num">@foreach ($parts as $id => $part)<x-tag :part="$part->part" class="small" /> ready {{ $format->day($found['ready'][$id]) }}@if (abs(($found['ready'][$id] ?? 0) - ($part->schedule->readyMin() ?? 0)) >= 5), now {{ $format->day($part->schedule->readyMin()) }}@endif &ensp;@endforeach</p>
            <form method="post" action="{{ route('turn.take') }}">@marks<input type="hidden" name="free" value="{{ $words }}"><input type="hidden" name="part" value="{{ $chosen->part->id }}"><input type="hidden" name="pool" value="{{ count($parts) > 1 ? 1 : 0 }}"><input type="hidden" name="way" value="{{ $n }}"><button @class(['btn', 'go' => $n === 0])>Take it</button></form>
        </section>
    @endforeach
    @if ($ways !== [] && collect($ways)->contains(fn ($w) => $w['way']->climate !== null))<p class="soft">Warm box: no warmer than shown, never on fresh solvent, nothing left alone that could burn. The sheet's own limit comes first.</p>@endif
    @endif
</div>
</x-layouts.app>
