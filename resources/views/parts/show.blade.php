@inject('format', 'App\Words\Formatter')
@inject('sentences', 'App\Words\Sentences')
@inject('choiceWords', 'App\Planning\ChoiceWords')
@php([$part, $plan, $schedule] = [$planned->part, $planned->plan, $planned->schedule])
@php($findings = array_filter($planned->findings(), fn ($f) => $f->code !== 'schedule.rather_key'))
<x-layouts.app :title="$part->name">
@include('parts.head')
<div class="plan">
    <div class="plan-left">
        <section class="card"><x-drawing.section :drawing="$drawing" /></section>
        @if ($findings !== [])<section class="card" aria-labelledby="mind-title"><h2 id="mind-title">Mind</h2><ul class="findings">@foreach ($findings as $finding)<x-finding :finding="$finding" />@endforeach</ul></section>@endif
        @if ($priced !== [])
        <section class="card" aria-labelledby="choices-title" id="choices">
            <h2 id="choices-title">Choices and their price</h2>
            @foreach (collect($priced)->groupBy('field') as $field => $options)
                <fieldset class="choice"><legend>{{ $format->word('choice', $field) }}@if ($field === 'build_coats')<span class="soft"> · {{ $part->build_coats === null ? 'fewest that keep every show zone under '.$format->percent($plan->shop->targetBurnThrough) : 'set by hand' }}</span>@endif</legend>
                    @foreach ($options as $option)
                        <form method="post" action="{{ route('parts.choice', $part) }}">@marks @method('PUT')
                            <input type="hidden" name="field" value="{{ $field }}">
                            <button name="value" value="{{ $option->value }}" @class(['priced', 'is-taken' => $option->isCurrent]) aria-pressed="{{ $option->isCurrent ? 'true' : 'false' }}" @disabled($option->refusal && ! $option->isCurrent)>
                                <b>{{ $choiceWords->option($field, $option->value) }}</b>
                                <span class="soft">{{ $choiceWords->optionWhy($field, $option->value) }}</span>
                                <span class="num">@if ($option->refusal) {{ $sentences->finding($option->refusal)['what'] }} @else ready {{ $format->day($option->readyMin) }}@if ($option->anewMin !== null), {{ $format->day($option->anewMin) }} if it were placed anew as it is @endif · {{ $format->count($option->mixes, 'mix') }} · {{ $format->grams($option->grams) }} · {{ $format->span($option->handsMin) }} hands · {{ $format->percent($option->risk) }} risk, {{ $format->percent($option->anyShows) }} that any shows @if (in_array($field, ['after_wet_out', 'pair'], true) && $option->nibRisk > 0)· nib paper cuts {{ $format->percent($option->nibRisk) }} @endif @endif</span>
                            </button>
                        </form>
                    @endforeach
                </fieldset>
            @endforeach
        </section>
        @endif
    </div>
    <section class="card coats" aria-labelledby="coats-title">
        <div class="card-head"><h2 id="coats-title">Coats, newest on top</h2>@can('change', $part)<a href="{{ route('parts.edit', $part) }}">Change the brief</a>@endcan</div>
        @if ($planned->next)
            <div class="coat-acts">
                <p><b class="num">Next: {{ $format->step($planned->next->step->step) }}</b> <span class="soft">{{ $format->state($planned->next, $planned->floor->nowMin) }}</span></p>
                @include('bench.acts', ['call' => $planned, 'next' => $planned->next, 'step' => $planned->next->step, 'coat' => $plan->lastCoat(), 'to' => 'part', 'primary' => true])
            </div>
        @endif
        <ol class="coat-list" reversed>
            @foreach (array_reverse($plan->steps) as $step)
                @php($key = $step->step->key)
                @php($time = $schedule->slot($key))
                @php($isNext = $step === $plan->next())
                <li @class(['coat-row', 'is-done' => $step->isDone(), 'is-next' => $isNext, 'is-'.($planned->next?->state->value ?? 'ready') => $isNext])>
                    <span class="swatch swatch-{{ $step->step->layer ? ($step->step->layer->builds ? 'resin' : 'base') : $step->step->kind->value }}" aria-hidden="true"></span>
                    <div class="coat-what">
                        @if ($step->zones !== [] && in_array($step->step->kind->value, ['coat', 'flat'], true) && ! $step->step->grits?->inClear)
                            <a href="{{ route('parts.show', [$part, 'after' => $key]) }}#section" hx-get="{{ route('parts.show', [$part, 'after' => $key]) }}" hx-select="#section" hx-target="#section" hx-swap="outerHTML" title="Show the section after this step">{{ $format->step($step->step) }}</a>
                        @else {{ $format->step($step->step) }} @endif
                        @if ($step->ladder) <span class="soft">{{ implode(' ', array_map(fn ($s) => 'P'.$s->grit->number, $step->ladder->steps)) }}</span>@elseif ($step->step->grits) <span class="soft">P{{ $step->step->grits->to }}</span>@endif
                        @if ($step->skipped)<span class="soft">· not needed</span>@endif
                        @if ($time?->way->value === 'keyed')<span class="soft">· key first</span>@endif
                        @if ($isNext && $planned->next->state->value === 'open')<small>window open, closes {{ $format->when($planned->next->changesAtMin()) }}, {{ $format->sure($planned->next->window) }}</small>
                        @elseif ($time?->window && ! $step->isDone())<small>window {{ $format->between($time->window->opens->expectedMin, $time->window->closes->expectedMin) }}, {{ $format->sure($time->window) }}</small>@endif
                        @if ($time?->ready && ! $step->isDone())<small>{{ $format->word('follow', $step->step->follow->kind->value) }} {{ $format->when($time->ready->expectedMin) }}, between {{ $format->spread($time->ready) }}</small>@endif
                        @if ($step->step->kind->value === 'flat' && $step->worst() && ! $step->isDone())<small>leaves {{ $format->um($step->worst()->left()->inMicrometres()) }} on {{ $step->worst()->zone->name }}</small>@endif
                        @if (! $step->isDone() && ($cut = $step->keyedThrough()) && $cut[1] > $plan->shop->targetBurnThrough)<small>on {{ $format->um($cut[0]->crownCover($cut[0]->before)->inMicrometres()) }} of cover: {{ $format->percent($cut[1]) }} of {{ $cut[0]->zone->name }} would be cut to the fibre where the paper goes over all of it: nibs only</small>@endif
                        @if ($step->step->kind->value === 'lay' && ! $step->isDone())<small>piece {{ $format->piece($plan->brief->piece()) }}</small>@endif
                        @if ($step->step->layer?->only)<small>over {{ implode(', ', $step->step->layer->only) }} alone</small>@endif
                    </div>
                    <span class="num coat-when">@if ($step->isDone()){{ $format->day(is_finite($step->doneAtMin) ? $step->doneAtMin : null) }}@elseif ($isNext && $planned->next->needsHandsNow())now @else{{ $format->day($time?->startMin) }}@endif</span>
                    <span class="num coat-how">@if ($step->usedG){{ $format->grams($step->usedG) }}@elseif ($step->batch && ! $step->skipped){{ $format->grams($step->batch->totalG()) }}<small>{{ $format->grams($step->batch->resinG) }} + {{ $format->grams($step->batch->hardenerG) }}</small>@else{{ $format->span($step->handsMin) }}@endif</span>
                    <details class="coat-more"><summary><span class="visually-hidden">More on {{ $format->step($step->step) }}</span></summary>
                        <p>{{ $format->stepDo($step->step) }}</p><p class="cue">{{ $format->cue($step->step) }}</p>
                        <p class="soft num">hands-on {{ $format->span($step->handsMin) }}@if ($step->batch) · {{ $format->grams($step->batch->resinG) }} resin + {{ $format->grams($step->batch->hardenerG) }} hardener @if ($step->batch->pigmentG > 0) + {{ $format->grams($step->batch->pigmentG) }} pigment @endif @endif</p>
                        @if ($step->batch)@include('bench.why-grams')@endif
                        <x-cautions :step="$step->step" />
                    </details>
                </li>
            @endforeach
        </ol>
    </section>
</div>
</x-layouts.app>
