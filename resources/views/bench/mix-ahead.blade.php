@inject('say', 'App\Words\Say')
@if ($ahead)
    @php($finding = $ahead->finding())
    <p class="mix-ahead num"><span class="label">this mix opens</span> <b>{{ $say->step($ahead->next->step) }}</b> {{ $say->between($ahead->window->opens->expectedMin, $ahead->window->closes->expectedMin) }} <span class="soft">{{ $say->sure($ahead->window) }}@if ($ahead->atMin !== null) · {{ $planned->floor->handsAt($ahead->atMin) ?: 'hands' }} there {{ $say->when($ahead->atMin) }}, {{ $say->span($ahead->next->handsMin) }}@endif</span></p>
    @if ($finding)<ul class="findings"><x-finding :finding="$finding" /></ul>@endif
@endif
