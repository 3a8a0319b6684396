@use('App\Time\ShopTime')
@php($asked = $shop->probe_asked_at ? ShopTime::minutes($shop->probe_asked_at) : null)
<section class="card" aria-labelledby="probe-title">
    <h2 id="probe-title">{{ __('air.probe') }}</h2>
    @switch($probe)
        @case('none') <p>@say('air.no_probe')</p> @break
        @case('silent')
            <p class="finding is-warn" role="status">@say('air.silent', [
                'at' => $format->when($asked), 'because' => $shop->probe_silent_because,
            ])</p>
            @break
        @case('forgotten') <p class="finding is-warn" role="status">@say('air.forgotten', ['at' => $format->when($asked)])</p> @break
        @case('answers') <p>{{ __('air.answers', ['ago' => $format->span($floor->nowMin - $asked)]) }}</p> @break
        @default <p>{{ __('air.unasked') }}</p>
    @endswitch
    <form method="post" action="{{ route('air.poll') }}">
        @marks
        <button class="btn" @disabled($probe === 'none')>{{ __('air.ask') }}</button>
    </form>
    @can('own', App\Models\Shop::class)
        <form method="post" action="{{ route('air.probe') }}" class="one-line" novalidate>
            @marks @method('PUT')
            <x-field name="probe_url" :label="__('air.address')" :value="$shop->probe_url" inputmode="url"
                :hint="$shop->probe_url === null && $shop->probeAddress() ? __('air.stand_in', ['url' => $shop->probeAddress()]) : null" />
            <button class="btn">{{ __('bench.keep') }}</button>
        </form>
    @endcan
    @if ($leftOut->isNotEmpty())
        <h3>{{ __('air.left_out') }}</h3>
        <ul class="left-out">
            @foreach ($leftOut as $reading)
                <li class="num">{{ __('air.said', [
                    'at' => $format->when(ShopTime::minutes($reading->measured_at)), 'said' => $reading->said,
                    'because' => $reading->left_out_because,
                ]) }}</li>
            @endforeach
        </ul>
    @endif
</section>
