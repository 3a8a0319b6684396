@if ($call->is('open'))
    <p class="label">{{ __('bench.closes_in') }}</p>
    <p class="huge num" data-until="{{ (int) round($next->changesAtMin() * 60) }}"
        @if ($sure = $next->window?->sure()) data-sure="{{ (int) round($sure['until'] * 60) }}" @endif
        data-says-sure="{{ $call->reminder() }}"
        data-says-over="{{ __('bench.says_closed', ['letter' => $part->letter, 'step' => $format->step($step->step)]) }}">{{
        $format->span($call->leftMin()) }}</p>
    <div class="num mid">
        <b
            @figure($part->id, 'closes', $next->changesAtMin())
        >{{ $format->when($next->changesAtMin()) }}</b>{{ $call->sureWords() }}
        @include('bench.why-window')
    </div>
@elseif ($call->is('key_first'))
    <p class="label">{{ __('bench.missed') }}</p>
    <p class="huge num is-miss">{{ __('bench.key') }}</p>
    <div class="num mid">
        {{ __('bench.closed', ['at' => $format->when($next->window->closes->expectedMin)]) }}
        @include('bench.why-window')
    </div>
@else
    <p class="label">{{ __('bench.hands') }}</p>
    <p class="huge num is-calm"
        @figure($part->id, $step->step->key.'.hands', $step->handsMin)>{{ $format->span($step->handsMin) }}</p>
    <p class="num mid">{{ $format->state($next, $planned->floor->nowMin) }}</p>
@endif
@if ($cup = $call->cup())
    <p class="grams num" @figure($part->id, $step->step->key.'.grams', $cup->batch->totalG())>
        @foreach ([
            'resin' => $cup->batch->resinG, 'pigment' => $cup->batch->pigmentG, 'hardener' => $cup->batch->hardenerG,
        ] as $jar => $g)
            @continue($jar === 'pigment' && $g <= 0)
            @if (! $loop->first) + @endif <b>{{ $format->mixed($g, $cup->batch->ratio, $jar) }}</b> {{ $format->word('component', $jar) }}
        @endforeach
    </p>
    <div class="soft num">
        {{ trans_choice('bench.cups', $cup->cups(), ['span' => $format->span($cup->potLifeMin())]) }}
        @include('bench.why-grams')
    </div>
@elseif ($clear = $call->clear())
    <p class="grams num is-words"><b>{{ $clear->cans() ? $format->count($clear->cans(), 'can') : $format->clearMix($clear) }}</b></p>
@elseif ($supplies = $format->supplies($plan, $step))
    <p class="soft num">{{ $supplies }}</p>
@elseif ($call->isLay())
    <p class="grams num"><b>{{ $format->piece($plan->brief->piece()) }}</b></p>
    <p class="soft num">{{ __('bench.piece', ['wrap' => round($plan->brief->wrapMm)]) }}</p>
@elseif ($call->leavesOnWorst() !== null)
    @php($worst = $step->worst())
    <p class="grams num"
        @figure($part->id, "{$worst->zone->name}.left.{$step->step->key}", $worst->left()->inMicrometres())
    >@say('bench.leaves_bold', [
        'um' => $format->um($worst->left()->inMicrometres()), 'zone' => $worst->zone->name,
    ])</p>
    <p class="soft num">{{ __('bench.burns', [
        'doubt' => $format->um($worst->doubtUm()), 'risk' => $format->percent($worst->risk()), 'any' => $format->chance($worst),
    ]) }}</p>
@endif
