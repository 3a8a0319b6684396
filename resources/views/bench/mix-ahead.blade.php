@inject('format', 'App\Words\Formatter')
@if ($ahead)
    <p class="mix-ahead num">
        <span class="label">{{ __('bench.mix_opens') }}</span> <b>{{ $format->step($ahead->next->step) }}</b>
        {{ $format->between($ahead->window->opens->expectedMin, $ahead->window->closes->expectedMin) }}
        <span class="soft">{{ $format->sure($ahead->window) }}@if ($ahead->atMin !== null)
            {{ __('bench.mix_hands', [
                'who' => $planned->floor->handsAt($ahead->atMin) ?: __('bench.anybody'),
                'at' => $format->when($ahead->atMin),
                'span' => $format->span($ahead->next->handsMin),
            ]) }}@endif</span>
    </p>
    <x-findings :of="array_filter([$ahead->finding()])" />
@endif
