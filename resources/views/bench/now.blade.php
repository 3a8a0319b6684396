@inject('format', 'App\Words\Formatter')
@php([$planned, $part, $plan, $next, $step] = [$call->planned, $call->planned->part, $call->planned->plan, $call->next, $call->step])
<section class="card now is-{{ $next->state->value }}" aria-labelledby="now-title" @figure($part->id, 'next', $step->step->key)>
    <div class="now-what">
        <h1 id="now-title"><x-tag :part="$part" class="large" /> {{ $call->title() }}</h1>
        <p class="soft">
            <a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a>
            @if ($laid = $call->wentOn())
                {{ __('bench.went_on', [
                    'coat' => lcfirst($format->step($laid->step)), 'at' => $format->when($laid->doneAtMin),
                ]) }}
            @endif
        </p>
        @if ($was = $planned->wasToBegin())
            <p class="finding is-note num">
                @say('bench.was_to_begin', ['what' => $part->letter.' '.$format->step($step->step), 'at' => $format->when($was)])
            </p>
        @endif
        @include('bench.stopped', ['stops' => $call->stoppedBy()])
        @includeWhen($call->cupUseBy() !== null, 'bench.cup-clock')
        @can('work', $part)@includeWhen($call->leftoverOf() !== null, 'bench.cup-left')@endcan
        @includeWhen($call->look() !== null, 'bench.look')
        <x-findings :of="$call->noMix()" />
        <p class="do">{{ $call->do() }}</p>
        @if ($cue = $call->cue())<p class="cue">{{ $cue }}</p>@endif
        <x-findings :of="$call->choiceOfKey()" />
        @if ($call->isLay())
            <p class="num">@say('bench.piece', [
                'piece' => $format->piece($plan->brief->piece()), 'wrap' => round($plan->brief->wrapMm),
            ])</p>
        @endif
        @include('bench.clear-step', ['call' => $planned])
        @include('bench.mix-ahead', ['ahead' => $call->mixAhead('ready', 'keyed', 'open')])
        <x-findings :of="$call->beforeTheMix()" />
        @if ($who = App\Planning\WhoHasIt::of($planned))@include('bench.who')@endif
        @if ($call->stoppedBy() !== [])
            <details class="more"><summary>{{ __('bench.all_the_same') }}</summary><x-step-acts :call="$planned" /></details>
        @else
            <x-step-acts :call="$planned" primary />
        @endif
        @if ($who === null)@include('bench.who')@endif
        <x-cautions :step="$step->step" />
        <x-sheet-files :planned="$planned" :step="$step" />
    </div>
    <div class="now-figures">
        @if ($call->is('open'))
            <p class="label">{{ __('bench.closes_in') }}</p>
            <p class="huge num" data-until="{{ (int) round($next->changesAtMin() * 60) }}">{{ $format->span($call->leftMin()) }}</p>
            <div class="num mid">
                <b
                    @figure($part->id, 'closes', $next->changesAtMin())
                >{{ $format->when($next->changesAtMin()) }}</b>{{ $call->sureWords() }}
                @include('bench.why-window')
            </div>
            @if ($at = $call->letGoBy())<p class="finding is-note num">@say('bench.let_go', ['at' => $format->when($at)])</p>@endif
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
                    'resin' => $cup->batch->resinG, 'hardener' => $cup->batch->hardenerG, 'pigment' => $cup->batch->pigmentG,
                ] as $jar => $g)
                    @continue($jar === 'pigment' && $g <= 0)
                    @if (! $loop->first) + @endif <b>{{ $format->grams($g) }}</b> {{ $format->word('component', $jar) }}
                @endforeach
            </p>
            <div class="soft num">
                {{ trans_choice('bench.cups', $cup->cups(), ['span' => $format->span($cup->potLifeMin())]) }}
                @include('bench.why-grams')
            </div>
        @endif
        @if ($call->leavesOnWorst() !== null)
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
    </div>
</section>
