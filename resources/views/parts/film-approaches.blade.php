@if ($approaches !== [])
<section class="card" aria-labelledby="schools-title">
    <div class="card-head">
        <h2 id="schools-title">{{ __('film.approaches') }}</h2>
        <p class="soft">{{ __('film.approaches_at', ['c' => $format->celsius($plan->shop->workingAirC)]) }}</p>
    </div>
    <div class="schools">
    @foreach ($approaches as $name => $way)
        <div @class(['school', 'is-taken' => $name === 'shop'])>
            <h3>{{ $format->word('school', $name) }}</h3>
            <dl class="num">
                <div><dt>{{ __('film.a_coat') }}</dt><dd>{{ $format->weight($way['gM2']) }}</dd></div>
                <div><dt>{{ __('film.coats') }}</dt><dd>{{ $way['coats'] ?? __('film.never_enough') }}</dd></div>
                <div>
                    <dt>{{ __('film.resin') }}</dt>
                    <dd>{{ $format->grams($way['grams']) }}
                        @if ($way['cups'] > 1)<small>{{ __('film.cups', ['n' => $way['cups']]) }}</small>@endif</dd>
                </div>
                <div><dt>{{ __('film.hands') }}</dt><dd>{{ $format->span($way['minutes']) }}</dd></div>
                <div>
                    <dt>{{ __('film.does_run') }}</dt>
                    <dd>
                        @if ($way['runsOn'])
                            <span class="risk is-stop">{{ __('film.on', ['zone' => $way['runsOn']]) }}</span>
                        @else
                            {{ __('film.no') }}
                        @endif
                        <small>{{ __('film.bead', ['mm' => number_format($way['beadMm'], 1)]) }}</small></dd>
                </div>
                <div><dt>{{ __('film.burns') }}</dt><dd>{{ $format->percent($way['risk']) }} <small>{{ $way['worst'] }}</small></dd></div>
            </dl>
        </div>
    @endforeach
    </div>
    <p class="soft">{{ __('film.heavy') }}</p>
</section>
@endif
