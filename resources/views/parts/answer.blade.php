@inject('format', 'App\Words\Formatter')
<aside id="answer" class="answer" aria-live="polite" aria-label="What follows">
    <section class="card">
        <h2>What follows</h2>
        @if ($answer['fault'])<p class="finding is-stop"><b>Not this way.</b> {{ $answer['fault'] }}</p>
        @elseif ($answer['planned'] === null)
            <p class="soft">Grows while you type. Still open:</p>
            <ul class="open-list">@forelse (array_slice($answer['missing'], 0, 6) as $message)<li>{{ $message }}</li>@empty<li>The sizes of the part.</li>@endforelse</ul>
        @else
            @php([$plan, $schedule] = [$answer['planned']->plan, $answer['planned']->schedule])
            @php($piece = $plan->brief->piece())
            @php($refusals = $plan->refusals())
            <dl class="answer-figures num">
                <div class="span-all"><dt>ready by, begun now</dt><dd class="big">{{ $refusals === [] ? $format->date($schedule->readyMin()) : '–' }}</dd></div>
                <div><dt>area</dt><dd>{{ $format->area($plan->brief->coatedAreaM2()) }}</dd></div>
                <div><dt>cloth piece</dt><dd>{{ round($piece->lengthMm) }} × {{ round($piece->widthMm) }} mm</dd></div>
                <div><dt>base, mixed</dt><dd>{{ $format->grams($plan->gramsFrom(OakGloss\Method\Jar::Base)) }}</dd></div>
                <div><dt>resin over the cloth</dt><dd>{{ $format->grams($plan->gramsFrom(OakGloss\Method\Jar::Clear)) }}</dd></div>
                <div><dt>build coats</dt><dd>{{ $plan->buildCoats }} <small>+ {{ $plan->brief->choices->finishCoats }} finish</small></dd></div>
                <div><dt>hands-on</dt><dd>{{ $format->span($plan->handsAheadMin()) }}</dd></div>
                @if ($plan->clearLitres() > 0)<div><dt>clear, {{ $plan->clear?->coats }} coats</dt><dd>{{ round(1000 * $plan->clearLitres()) }} ml</dd></div>@endif
                @if ($plan->worst())<div><dt>risk of burn-through</dt><dd>{{ $format->percent($plan->worst()->risk()) }} <small>{{ $plan->worst()->zone->name }}, {{ $format->chance($plan->worst()) }} that any shows</small></dd></div>@endif
            </dl>
            @if ($answer['less'] && $refusals === [])
                @php($less = $answer['less'])
                <p class="trade num"><b>The last coat:</b> {{ $plan->buildCoats }} coats leave {{ $format->percent($plan->worst()?->risk() ?? 0) }} of {{ $plan->worst()?->zone->name ?? 'no zone' }} burnt through, ready {{ $format->day($schedule->readyMin()) }}; {{ $less->plan->buildCoats }} would leave {{ $format->percent($less->plan->worst()?->risk() ?? 0) }} of {{ $less->plan->worst()?->zone->name ?? 'no zone' }}, {{ $format->chance($less->plan->worst()) }} that any shows, ready {{ $format->day($less->schedule->readyMin()) }}.</p>
            @endif
            <x-why what="these figures"><dl><dt>cloth piece</dt><dd>surface laid flat, {{ round($plan->brief->wrapMm) }} mm wrap and 10 mm slip on every side</dd><dt>grams</dt><dd>base {{ round($plan->shop->weights->baseGM2) }}, build {{ round($plan->buildGM2()) }}, finish {{ round($plan->shop->weights->finishGM2) }} g/m²; {{ $format->grams($plan->shop->cupLossG) }} stay in cup and brush</dd><dt>build coats</dt><dd>fewest that keep every show zone under {{ $format->percent($plan->shop->targetBurnThrough) }} burnt through</dd><dt>working air</dt><dd>{{ $format->celsius($plan->shop->workingAirC) }}, mean of the next days' working hours</dd></dl></x-why>
            @if ($plan->findings !== [] || $schedule->findings() !== [])<ul class="findings">@foreach ($refusals === [] ? $answer['planned']->findings() : $plan->findings as $finding)<x-finding :finding="$finding" />@endforeach</ul>@endif
            <h3>After all build coats</h3>
            @php($flat = $plan->step('flat'))
            <table class="num"><thead><tr><th scope="col">Zone</th><th scope="col">Coats it needs</th><th scope="col">Stays after flatting</th><th scope="col">Risk</th></tr></thead><tbody>
                @foreach ($flat?->zones ?? [] as $state)
                    <tr><th scope="row">{{ $format->zone($state->zone) }}</th><td>{{ $plan->coatsNeededFor($state->zone) ?? 'over 10' }}</td><td>{{ $format->um($state->left()->inMicrometres()) }} <small>± {{ round($state->doubtUm()) }}</small></td><td><span class="risk is-{{ App\View\Drawing\RiskClass::of($state->risk(), $plan->shop->targetBurnThrough) }}">{{ $format->percent($state->risk()) }}</span></td></tr>
                @endforeach
            </tbody></table>
        @endif
    </section>
</aside>
