@inject('format', 'App\Words\Formatter')
@php([$part, $next, $plan] = [$call->part, $call->next, $call->plan])
@php($step = $next->step)
@php($state = $next->state->value)
@php($coat = $plan->lastCoat())
<section class="card now is-{{ $state }}" aria-labelledby="now-title">
    <div class="now-what">
        <h1 id="now-title"><x-tag :part="$part" class="large" /> {{ $state === 'key_first' ? 'Key first, then '.lcfirst($format->step($step->step)) : $format->step($step->step) }}</h1>
        <p class="soft"><a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a>@if ($coat) · {{ lcfirst($format->step($coat->step)) }} went on {{ $format->when($coat->doneAtMin) }}@endif</p>
        @if ($call->wasToBegin() !== null)<p class="finding is-note num"><b>{{ $part->letter }} {{ $format->step($step->step) }}</b> was to begin {{ $format->when($call->wasToBegin()) }}.</p>@endif
        @if ($state === 'key_first')
            <p class="do">The coat below is past bonding and sandable since {{ $format->when($next->keyFromMin) }}. Key it with P180 until evenly dull, wipe, then coat.</p>
        @else
            <p class="do">{{ $state === 'open' ? $format->cue($step->step).' ' : '' }}{{ $format->stepDo($step->step) }}</p>
            @if ($state !== 'open')<p class="cue">{{ $format->cue($step->step) }}</p>@endif
        @endif
        @foreach ($call->schedule->findings() as $finding)@if ($finding->code === 'schedule.rather_key')<ul class="findings"><x-finding :finding="$finding" /></ul>@endif @endforeach
        @if ($step->step->kind->value === 'lay')<p class="num"><b>Piece {{ $format->piece($plan->brief->piece()) }}</b> <span class="soft">with {{ round($plan->brief->wrapMm) }} mm wrap and 10 mm slip</span></p>@endif
        @include('bench.clear-step')
        @if ($step->batch && in_array($state, ['ready', 'keyed', 'open'], true))@include('bench.mix-ahead', ['ahead' => $call->mixAhead(), 'planned' => $call])@endif
        @if ($step->batch && $state !== 'key_first')
            <ul class="findings">@foreach ($call->gates($step) as $finding)<x-finding :finding="$finding" />@endforeach @foreach ($plan->findings as $finding)@if ($finding->code === 'film.runs')<x-finding :finding="$finding" />@endif @endforeach</ul>
        @endif
        @include('bench.acts', ['primary' => true])
        <x-cautions :step="$step->step" />
    </div>
    <div class="now-figures">
        @if ($state === 'open')
            @php($sure = $next->window->sure())
            <p class="label">window open, closes in</p>
            <p class="huge num" data-until="{{ (int) round($next->changesAtMin() * 60) }}">{{ $format->span($next->changesAtMin() - $call->floor->nowMin) }}</p>
            <div class="num mid"><b>{{ $format->when($next->changesAtMin()) }}</b>@if ($sure && $sure['until'] > $call->floor->nowMin) · surely until {{ $format->when($sure['until']) }}@elseif ($sure) · sure part ended {{ $format->when($sure['until']) }}@endif @include('bench.why-window')</div>
            @php($slot = $call->schedule->slot($step->step->key))
            @if ($slot && $slot->startMin > $next->changesAtMin())<p class="finding is-note num"><b>Note</b> The run sheet lets this window go by: key first, {{ $format->when($slot->startMin) }}.</p>@endif
        @elseif ($state === 'key_first')
            <p class="label">window missed</p><p class="huge num is-miss">key first</p><div class="num mid">closed {{ $format->when($next->window->closes->expectedMin) }} @include('bench.why-window')</div>
        @else
            <p class="label">hands-on</p><p class="huge num is-calm">{{ $format->span($step->handsMin) }}</p>
            <p class="num mid">{{ $format->state($next, $call->floor->nowMin) }}</p>
        @endif
        @if ($step->batch)
            @php($cup = App\Bench\Cup::forStep($call, $step->step->key))
            <p class="grams num"><b>{{ $format->grams($step->batch->resinG) }}</b> resin + <b>{{ $format->grams($step->batch->hardenerG) }}</b> hardener @if ($step->batch->pigmentG > 0)+ <b>{{ $format->grams($step->batch->pigmentG) }}</b> pigment @endif</p>
            <div class="soft num">{{ $cup->cups() === 1 ? 'one cup' : "{$cup->cups()} cups" }}, use within {{ $format->span($cup->potLifeMin()) }} of mixing @include('bench.why-grams', ['plan' => $plan, 'step' => $step])</div>
        @endif
        @if ($step->step->kind->value === 'flat' && $step->worst())
            <p class="grams num">leaves <b>{{ $format->um($step->worst()->left()->inMicrometres()) }}</b> on {{ $step->worst()->zone->name }}</p>
            <p class="soft num">± {{ $format->um($step->worst()->doubtUm()) }} · {{ $format->percent($step->worst()->risk()) }} would burn through, {{ $format->chance($step->worst()) }} that any shows</p>
        @endif
    </div>
</section>
