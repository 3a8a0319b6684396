<li class="card part-card">
    <x-tag :part="$part" class="large" />
    <div>
        <h2><a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a></h2>
        <p class="soft">{{ implode(' · ', [
            __('methods.'.$part->method.'.name'), $format->word('finish', $part->finish), $format->area($plan->brief->coatedAreaM2()),
        ]) }}</p>
    </div>
    <ol class="pips" aria-label="{{ __('parts.steps_done', ['n' => $plan->countDone(), 'of' => count($plan->steps)]) }}">
        @foreach ($plan->steps as $step)
            <li @class(['pip', 'pip-'.$step->step->kind->value, 'is-done' => $step->isDone(), 'is-next' => $step === $plan->next()])
                title="{{ $format->step($step->step) }}"></li>
        @endforeach
    </ol>
    @if ($call->next === null)
        <p class="num part-next">{{ __('parts.finished') }}</p>
    @else
        <p class="num part-next" @figure($part->id, 'next', $call->next->step->step->key)>{{ $format->step($call->next->step->step) }}
            <small>{{ $format->state($call->next, $call->floor->nowMin) }}</small></p>
    @endif
    <p class="num part-ready"
        @if ($call->next) @figure($part->id, 'ready', $call->schedule->readyMin()) @endif
    >@say('parts.ready', ['at' => $format->date($call->schedule->readyMin())])</p>
</li>
