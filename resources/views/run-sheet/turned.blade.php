<section class="card turned" aria-labelledby="way-{{ $n }}">
    <h2 id="way-{{ $n }}">{{ __('turn.way', [
        'letters' => implode(' and ', array_map(fn ($p) => $p->part->letter, $parts)),
        'coat' => $format->when($way->starts[0]), 'next' => $format->when($way->nextMin),
    ]) }}</h2>
    <x-drawing.turned-window :drawing="App\View\Drawing\TurnedWindow::of($way, $free, $floor->nowMin)" />
    <p class="num">
        {{ $way->hardener->resin->name }}@if ($way->hardener->isBlend()) <i>{{ __('turn.blend') }}</i>@endif
        {{ trans_choice('turn.cups', $found['cups'], [
            'grams' => $format->grams($found['grams']), 'span' => $format->span($found['potLifeMin']),
        ]) }}@if (! $found['keepsPot']) · <b class="is-stop">{{ __('turn.too_long') }}</b>@endif
    </p>
    <p class="num">{{ implode(' · ', array_filter([
        __('sheet.bonds', [
            'between' => $format->between($way->window->opens->expectedMin, $way->window->closes->expectedMin),
            'sure' => $format->sure($way->window),
        ]),
        $way->climate
            ? __('turn.warm_box', ['c' => round($way->climate->celsius), 'until' => $format->when($way->climate->untilMin)])
            : null,
        $found['weightGM2'] ? __('turn.saves', ['weight' => $format->weight($found['weightGM2'])]) : null,
    ])) }}</p>
    <p class="num">
        @foreach ($parts as $id => $part)
            <x-tag :part="$part->part" class="small" />
            {{ $format->isSame($found['ready'][$id], $part->schedule->readyMin(), 5.0)
                ? __('turn.ready', ['at' => $format->day($found['ready'][$id])])
                : __('turn.ready_now', [
                    'at' => $format->day($found['ready'][$id]), 'now' => $format->day($part->schedule->readyMin()),
                ]) }} &ensp;
        @endforeach
    </p>
    <form method="post" action="{{ route('turn.take') }}">
        @marks
        <input type="hidden" name="free" value="{{ $words }}">
        <input type="hidden" name="part" value="{{ $chosen->part->id }}">
        <input type="hidden" name="pool" value="{{ count($parts) > 1 ? 1 : 0 }}">
        <input type="hidden" name="way" value="{{ $n }}">
        <button @class(['btn', 'go' => $n === 0])>{{ __('turn.take') }}</button>
    </form>
</section>
