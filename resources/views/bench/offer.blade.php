@inject('format', 'App\Words\Formatter')
@if ($offer)
<section class="card offer" aria-labelledby="offer-title">
    <h2 id="offer-title">{{ __('offer.title') }}</h2>
    <ul>
    @foreach ($offer->parts as $part)
        @php($isSooner = $part['to'] !== null && ($part['from'] === null || $part['to'] < $part['from']))
        @continue($part['from'] !== null && $part['to'] !== null && abs($part['from'] - $part['to']) < 1)
        <li><b class="num">{{ $part['letter'] }}</b> {{ $isSooner ? __('offer.could') : __('offer.later') }} <span class="num">{{ $format->day($part['from']) }}</span> → <b class="num">{{ $format->day($part['to']) }}</b></li>
    @endforeach
    </ul>
    <div class="offer-acts">
        <form method="post" action="{{ route('offers.take', $offer) }}">@marks<button class="btn go">{{ __('offer.take') }}</button></form>
        <form method="post" action="{{ route('offers.refuse', $offer) }}">@marks<button class="btn quiet">{{ __('offer.leave') }}</button></form>
        <x-why :what="__('offer.why')"><p>{{ __('offer.saves', ['saves' => $format->span($offer->saves_min), 'unrest' => $format->span(auth()->user()->shop->unrest_min)]) }}</p></x-why>
    </div>
</section>
@endif
