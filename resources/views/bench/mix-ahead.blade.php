@inject('format', 'App\Words\Formatter')
@if ($ahead)
    @php($finding = $ahead->finding())
    <p class="mix-ahead num"><span class="label">this mix opens</span> <b>{{ $format->step($ahead->next->step) }}</b> {{ $format->between($ahead->window->opens->expectedMin, $ahead->window->closes->expectedMin) }} <span class="soft">{{ $format->sure($ahead->window) }}@if ($ahead->atMin !== null) · {{ $planned->floor->handsAt($ahead->atMin) ?: 'hands' }} there {{ $format->when($ahead->atMin) }}, {{ $format->span($ahead->next->handsMin) }}@endif</span></p>
    @if ($finding)<ul class="findings"><x-finding :finding="$finding" /></ul>@endif
@endif
