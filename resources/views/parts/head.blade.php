@inject('say', 'App\Words\Say')
@php([$part, $plan] = [$planned->part, $planned->plan])
@php($worst = $plan->worst())
<header class="part-head">
    <x-tag :part="$part" class="large" />
    <div class="part-name"><h1>{{ $part->name }}</h1><p class="soft">brush-on skin · {{ $say->word('substrate', $part->substrate) }}@if ($part->primed), primed @endif · {{ $say->word('finish', $part->finish) }}</p></div>
    <dl class="part-figures num">
        <div><dt>{{ $planned->next ? 'ready' : 'finished' }}</dt><dd>{{ $planned->next ? $say->day($planned->schedule->readyMin()) : $say->day($plan->lastDone()?->doneAtMin) }}</dd></div>
        @php($print = $plan->brief->finish->value === 'gloss' ? $planned->print() : null)
        @if ($print && $print['waitUntilMin'])<div><dt>weave prints back</dt><dd>{{ number_format($print['depthUm'], 1) }} µm <small>{{ $print['step']->isDone() ? 'by full cure' : 'none from '.$say->date($print['waitUntilMin']) }}</small></dd></div>@endif
        @if ($planned->next)<div><dt>hands-on ahead</dt><dd>{{ $say->span($plan->handsAheadMin()) }}</dd></div>@endif
        <div><dt>resin, mixed</dt><dd>{{ $say->grams($plan->totalGrams()) }}</dd></div>
        @if ($worst)<div><dt>risk of burn-through</dt><dd>{{ $say->percent($worst->risk()) }} <small>{{ $worst->zone->name }}, {{ $say->chance($worst) }} that any shows</small></dd></div>@endif
        @if ($plan->gloss())<div><dt>gloss at 60°</dt><dd>{{ round($plan->gloss()->gu) }} <small>GU, expected</small></dd></div>@endif
    </dl>
    <nav class="tabs" aria-label="Part">
        @foreach (['parts.show' => 'Plan', 'parts.film' => 'Film', 'parts.sand' => 'Sand', 'parts.clear' => 'Clear', 'parts.record' => 'Record'] as $route => $name)
            <a href="{{ route($route, $part) }}" @class(['on' => request()->routeIs($route)]) @if (request()->routeIs($route)) aria-current="page" @endif>{{ $name }}</a>
        @endforeach
    </nav>
</header>
