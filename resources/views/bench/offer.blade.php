@inject('format', 'App\Words\Formatter')
@if ($offer)
<section class="card offer" aria-labelledby="offer-title">
    <h2 id="offer-title">{{ __('offer.title') }}</h2>
    <ul>
    @foreach ($offer->moves() as $move)
        <li>
            <b class="num">{{ $move['letter'] }}</b> {{ $move['isSooner'] ? __('offer.could') : __('offer.later') }}
            <span class="num">{{ $format->day($move['from']) }}</span> → <b class="num">{{ $format->day($move['to']) }}</b>
        </li>
    @endforeach
    </ul>
    <div class="offer-acts">
        <form method="post" action="{{ route('offers.take', $offer) }}">@marks<button class="btn go">{{ __('offer.take') }}</button></form>
        <form method="post" action="{{ route('offers.refuse', $offer) }}">
            @marks
            <button class="btn quiet">{{ __('offer.leave') }}</button>
        </form>
        <x-why :what="__('offer.why')">
            <p>{{ __('offer.saves', [
                'saves' => $format->span($offer->saves_min), 'unrest' => $format->span(auth()->user()->shop->unrest_min),
            ]) }}</p>
        </x-why>
    </div>
</section>
@endif
