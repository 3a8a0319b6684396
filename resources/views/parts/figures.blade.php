{{-- What it all comes to. --}}
<section class="card figures-card">
    <dl class="part-figures num">
        @if ($print = $planned->printShown())
            <div>
                <dt>{{ __('parts.figures.print') }}</dt>
                <dd>{{ $format->measured($print['depthUm'], 'µm', 1) }} <small>{{ $print['step']->isDone()
                    ? __('parts.figures.by_cure')
                    : __('parts.figures.none_from', ['at' => $format->date($print['waitUntilMin'])]) }}</small></dd>
            </div>
        @endif
        @if ($planned->next)
            <div><dt>{{ __('parts.figures.hands') }}</dt><dd
                @figure($part->id, 'hands', $plan->handsAheadMin())>{{ $format->span($plan->handsAheadMin()) }}</dd></div>
        @endif
        @if ($plan->totalGrams() > 0)
            <div><dt>{{ __('parts.figures.resin') }}</dt><dd
                @figure($part->id, 'grams', $plan->totalGrams())>{{ $format->mixes($plan->steps) }}</dd></div>
        @endif
        @if ($worst = $plan->worst())
            <div>
                <dt>{{ __('parts.figures.risk') }}</dt>
                <dd @figure($part->id, 'risk', round(100 * $worst->risk(), 3))>{{ $format->percent($worst->risk()) }}
                    <small>{{ __('parts.figures.any', ['zone' => $worst->zone->name, 'any' => $format->chance($worst)]) }}</small></dd>
            </div>
        @endif
        @if ($gloss = $plan->gloss())
            <div>
                <dt>{{ __('parts.figures.gloss') }}</dt>
                <dd
                    @figure($part->id, 'gloss', round($gloss->gu))
                >{{ round($gloss->gu) }} <small>{{ __('parts.figures.expected') }}</small></dd>
            </div>
        @endif
    </dl>
</section>
