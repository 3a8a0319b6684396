@inject('format', 'App\Words\Formatter')
<x-layouts.app title="Parts">
<div class="page">
    <header class="page-head"><h1>Parts</h1>@can('run', App\Models\Shop::class)<a class="btn go" data-key="n" href="{{ route('parts.create') }}">New part</a>@endcan</header>
    @if ($planned->isEmpty() && $finished->isEmpty())
        <section class="card calm"><p>No part yet. The first one takes two minutes to describe.</p></section>
    @else
    <ul class="part-list">
        @foreach ($planned as $call)
            @php($part = $call->part)
            @php($coats = array_values(array_filter($call->plan->steps, fn ($s) => $s->step->layer !== null)))
            <li class="card part-card">
                <x-tag :part="$part" class="large" />
                <div>
                    <h2><a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a></h2>
                    <p class="soft">{{ $format->word('substrate', $part->substrate) }}@if ($part->primed), primed @endif · {{ $format->word('finish', $part->finish) }} · {{ $format->area($call->plan->brief->coatedAreaM2()) }}</p>
                </div>
                <ol class="pips" aria-label="{{ count(array_filter($call->plan->steps, fn ($s) => $s->isDone())) }} of {{ count($call->plan->steps) }} steps done">
                    @foreach ($call->plan->steps as $step)<li @class(['pip', 'pip-'.$step->step->kind->value, 'is-done' => $step->isDone(), 'is-next' => $step === $call->plan->next()]) title="{{ $format->step($step->step) }}"></li>@endforeach
                </ol>
                <p class="num part-next">{{ $format->step($call->next->step->step) }}<small>{{ $format->state($call->next, $call->floor->nowMin) }}</small></p>
                <p class="num part-ready">ready <b>{{ $format->date($call->schedule->readyMin()) }}</b></p>
            </li>
        @endforeach
    </ul>
    @if ($finished->isNotEmpty())
        <h2 class="finished-head">Finished <span class="soft num">{{ $finished->total() }}</span></h2>
        <ul class="part-list finished">
        @foreach ($finished as $part)
            <li><x-tag :part="$part" /> <a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a> <span class="soft">{{ $format->word('substrate', $part->substrate) }} · {{ $format->word('finish', $part->finish) }}</span> <span class="num">{{ $format->date(App\Time\ShopTime::minutes($part->finished_at)) }}</span></li>
        @endforeach
        </ul>
    @if ($finished->hasPages())<nav class="pages" aria-label="Finished parts">
            @if (! $finished->onFirstPage())<a class="btn quiet" rel="prev" href="{{ $finished->previousPageUrl() }}">Newer</a>@endif
            <span class="soft num">{{ $finished->currentPage() }} of {{ $finished->lastPage() }}</span>
            @if ($finished->hasMorePages())<a class="btn quiet" rel="next" href="{{ $finished->nextPageUrl() }}">Older</a>@endif
        </nav>@endif
    @endif
    @endif
</div>
</x-layouts.app>
