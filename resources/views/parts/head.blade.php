@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
@php($worst = $plan->worst())
<header class="part-head">
    <x-tag :part="$part" class="large" />
    <div class="part-name"><h1>{{ $part->name }}</h1><p class="soft">brush-on skin · {{ $format->word('substrate', $part->substrate) }}@if ($part->primed), primed @endif · {{ $format->word('finish', $part->finish) }}</p></div>
    <dl class="part-figures num">
        <div><dt>{{ $planned->next ? 'ready' : 'finished' }}</dt><dd>{{ $planned->next ? $format->day($planned->schedule->readyMin()) : $format->day($plan->lastDone()?->doneAtMin) }}</dd></div>
        @php($print = $plan->brief->finish->value === 'gloss' ? $planned->print() : null)
        @if ($print && $print['waitUntilMin'])<div><dt>weave prints back</dt><dd>{{ number_format($print['depthUm'], 1) }} µm <small>{{ $print['step']->isDone() ? 'by full cure' : 'none from '.$format->date($print['waitUntilMin']) }}</small></dd></div>@endif
        @if ($planned->next)<div><dt>hands-on ahead</dt><dd>{{ $format->span($plan->handsAheadMin()) }}</dd></div>@endif
        <div><dt>resin, mixed</dt><dd>{{ $format->grams($plan->totalGrams()) }}</dd></div>
        @if ($worst)<div><dt>risk of burn-through</dt><dd>{{ $format->percent($worst->risk()) }} <small>{{ $worst->zone->name }}, {{ $format->chance($worst) }} that any shows</small></dd></div>@endif
        @if ($plan->gloss())<div><dt>gloss at 60°</dt><dd>{{ round($plan->gloss()->gu) }} <small>GU, expected</small></dd></div>@endif
    </dl>
    <nav class="tabs" aria-label="Part">
        @foreach (['parts.show' => 'Plan', 'parts.film' => 'Film', 'parts.sand' => 'Sand', 'parts.clear' => 'Clear', 'parts.record' => 'Record'] as $route => $name)
            <a href="{{ route($route, $part) }}" @class(['on' => request()->routeIs($route)]) @if (request()->routeIs($route)) aria-current="page" @endif>{{ $name }}</a>
        @endforeach
    </nav>
</header>
