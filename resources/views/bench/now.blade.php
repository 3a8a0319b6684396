@inject('say', 'App\Words\Say')
@php([$part, $next, $plan] = [$call->part, $call->next, $call->plan])
@php($step = $next->step)
@php($state = $next->state->value)
@php($coat = $plan->lastCoat())
<section class="card now is-{{ $state }}" aria-labelledby="now-title">
    <div class="now-what">
        <h1 id="now-title"><x-tag :part="$part" class="large" /> {{ $state === 'key_first' ? 'Key first, then '.lcfirst($say->step($step->step)) : $say->step($step->step) }}</h1>
        <p class="soft"><a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a>@if ($coat) · {{ lcfirst($say->step($coat->step)) }} went on {{ $say->when($coat->doneAtMin) }}@endif</p>
        @if ($state === 'key_first')
            <p class="do">The coat below is past bonding and sandable since {{ $say->when($next->keyFromMin) }}. Key it with P180 until evenly dull, wipe, then coat.</p>
        @else
            <p class="do">{{ $state === 'open' ? $say->cue($step->step).' ' : '' }}{{ $say->stepDo($step->step) }}</p>
            @if ($state !== 'open')<p class="cue">{{ $say->cue($step->step) }}</p>@endif
        @endif
        @foreach ($call->schedule->findings() as $finding)@if ($finding->code === 'schedule.rather_key')<ul class="findings"><x-finding :finding="$finding" /></ul>@endif @endforeach
        @if ($step->batch && $state !== 'key_first')
            <ul class="findings">@foreach (OakGloss\Schedule\AirGates::of($call->schedule->chain, $step, $call->floor->nowMin, $call->floor->dewPointC(), $call->floor->humidity()) as $finding)<x-finding :finding="$finding" />@endforeach @foreach ($plan->findings as $finding)@if ($finding->code === 'film.runs')<x-finding :finding="$finding" />@endif @endforeach</ul>
        @endif
        @include('bench.acts', ['primary' => true])
        <x-cautions :step="$step->step" />
    </div>
    <div class="now-figures">
        @if ($state === 'open')
            @php($sure = $next->window->sure())
            <p class="label">window open, closes in</p>
            <p class="huge num" data-until="{{ (int) round($next->changesAtMin() * 60) }}">{{ $say->span($next->changesAtMin() - $call->floor->nowMin) }}</p>
            <div class="num mid"><b>{{ $say->when($next->changesAtMin()) }}</b>@if ($sure && $sure['until'] > $call->floor->nowMin) · surely until {{ $say->when($sure['until']) }}@elseif ($sure) · sure part ended {{ $say->when($sure['until']) }}@endif @include('bench.why-window')</div>
        @elseif ($state === 'key_first')
            <p class="label">window missed</p><p class="huge num is-miss">key first</p><div class="num mid">closed {{ $say->when($next->window->closes->expectedMin) }} @include('bench.why-window')</div>
        @else
            <p class="label">hands-on</p><p class="huge num is-calm">{{ $say->span($step->handsMin) }}</p>
            <p class="num mid">{{ $state === 'keyed' ? 'keyed, any time' : 'any time' }}</p>
        @endif
        @if ($step->batch)
            @php($resin = $plan->materials->resin($step->step->layer->jar))
            <p class="grams num"><b>{{ $say->grams($step->batch->resinG) }}</b> resin + <b>{{ $say->grams($step->batch->hardenerG) }}</b> hardener @if ($step->batch->pigmentG > 0)+ <b>{{ $say->grams($step->batch->pigmentG) }}</b> pigment @endif</p>
            @php($cups = $resin->cupsFor($step->batch->totalG()))
            <div class="soft num">{{ $cups === 1 ? 'one cup' : "{$cups} cups" }}, use within {{ $say->span($resin->potLifeAt(OakGloss\Quantity\Temperature::fromCelsius($call->floor->airNowC()))) }} of mixing @include('bench.why-grams', ['plan' => $plan, 'step' => $step])</div>
        @endif
        @if ($step->step->kind->value === 'flat' && $step->worst())
            <p class="grams num">leaves <b>{{ $say->um($step->worst()->left()->inMicrometres()) }}</b> on {{ $step->worst()->zone->name }}</p>
            <p class="soft num">± {{ $say->um($step->worst()->doubtUm()) }} · {{ $say->percent($step->worst()->risk()) }} would burn through</p>
        @endif
    </div>
</section>
