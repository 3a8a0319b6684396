@inject('measures', 'App\Words\Measures')
@php($air = $measures->field('°C', null))
@inject('format', 'App\Words\Formatter')
@php([$reading, $bag] = [$floor->lastReading, $errors->getBag('air')])
<section class="card" aria-labelledby="air-title">
    <h2 id="air-title">{{ __('app.rooms.air') }}</h2>
    <div>
        @if ($reading)
            {{ __($reading->rh_percent ? 'bench.last_reading_humid' : 'bench.last_reading', [
                'c' => $format->celsius($reading->air_c), 'rh' => round((float) $reading->rh_percent),
                'ago' => $format->span($floor->readingAgeMin()),
            ]) }}
        @else
            {{ __('bench.no_reading') }}
        @endif
        <x-why :what="__('bench.air_of')">
            <p>{{ __('bench.air_why', ['c' => $format->celsius($floor->dayCurve->at($floor->nowMin))]) }}</p>
        </x-why>
    </div>
    @if ($floor->shop->probe_silent_because && $floor->shop->probeAddress())
        <p class="finding is-note">
            @say('bench.probe_silent', ['because' => $floor->shop->probe_silent_because])
            <span><a href="{{ route('air') }}">{{ __('app.rooms.air') }}</a></span>
        </p>
    @endif
    <form class="air-form" method="post" action="{{ route('air.store') }}" hx-disable>
        @marks
        <div @class(['field', 'is-wrong' => $bag->has('air_c')])>
            <label for="air_c">{{ __('bench.air_now') }}<span class="unit">{{ $air['unit'] }}</span></label>
            <input type="hidden" name="measured[air_c]" value="{{ $air['sent'] }}">
            <input id="air_c" name="air_c" inputmode="decimal" value="{{ App\View\OldInput::of('air_c') }}" required
                @if ($bag->has('air_c')) aria-invalid="true" aria-describedby="air_c-more" @endif>
        </div>
        <div @class(['field', 'is-wrong' => $bag->has('rh_percent')])>
            <label for="rh_percent">{{ __('bench.humidity') }}<span class="unit">%</span></label>
            <x-measured name="rh_percent" unit="%" />
            <input id="rh_percent" name="rh_percent" inputmode="decimal" value="{{ App\View\OldInput::of('rh_percent') }}">
        </div>
        <button class="btn">{{ __('bench.keep_reading') }}</button>
        @if ($bag->any())<p id="air_c-more" class="more"><strong>{{ $bag->first() }}</strong></p>@endif
    </form>
    <x-sure field="air_c" />
    @if ($reading && auth()->user()->can('takeBack', $reading))
        <form method="post" action="{{ route('air.back', $reading) }}">@marks @method('DELETE')<button
            class="btn quiet">{{ __('air.take_back') }}<span class="visually-hidden">
                {{ $format->celsius($reading->air_c) }}</span></button></form>
    @endif
</section>
