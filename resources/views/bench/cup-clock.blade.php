@if ($call->isCupOver())
    <p class="finding is-stop" role="alert">{{ __('bench.cup_over', ['at' => $format->when($call->cupUseBy())]) }}</p>
@else
    <p class="finding is-warn num">@say('bench.cup_until', ['at' => $format->when($call->cupUseBy())])
        <span data-until="{{ (int) round($call->cupUseBy() * 60) }}" data-prefix="in ">{{ __('weigh.in', [
            'span' => $format->span($call->cupUseBy() - $planned->floor->nowMin),
        ]) }}</span></p>
@endif
