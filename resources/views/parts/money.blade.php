@inject('format', 'App\Words\Formatter')
@php($part = $planned->part)
<x-layouts.app :title="__('money.title', ['part' => $part->name])">
@include('parts.head')
<div class="page money">
    @include('parts.unproven')
    @if (! $page->hasRate())
        <p class="finding is-note">@say('money.no_rate', ['url' => route('shop.money')])</p>
    @endif
    @if ($unpriced !== [])
        <p class="finding is-warn">@say('money.unpriced', ['what' => implode(', ', $unpriced)])</p>
    @endif
    @includeWhen($lacking !== [], 'parts.lacking')
    @if ($charging !== null)
        <section class="card charge" aria-labelledby="charge-title">
            <div><h2 id="charge-title">{{ __('money.charge.title') }}</h2>
            <p class="huge num">{{ $page->say($charging->netMinor) }}</p></div>
            <div>
            <p class="num">{{ __('money.charge.range', [
                'least' => $page->say($charging->leastMinor), 'most' => $page->say($charging->mostMinor),
            ]) }}</p>
            @foreach ($charging->like as $like)
                <p class="num soft">@say('money.charge.like', [
                    'part' => $like['part']->letter.' '.$like['part']->name, 'net' => $page->say($like['netMinor']),
                    'hours' => $format->span($like['hoursMin']), 'planned' => $format->span($like['plannedMin']),
                ])</p>
            @endforeach
            <p class="num">{{ __('money.charge.this', [
                'hours' => $format->span($page->quoted->handsMin()), 'likely' => $format->span($charging->hoursMin($page->quoted)),
            ]) }}</p>
            <x-why :what="__('money.charge.title')"><p>{{
                 __($charging->isGuess() ? 'money.charge.why_guess' : 'money.charge.why') }}</p></x-why></div>
        </section>
    @endif
    <div class="split">
        <section class="card" aria-labelledby="quoted-title">
            <h2 id="quoted-title">{{ __('money.planned') }}</h2>
            <table class="num bill">
                <caption class="visually-hidden">{{ __('money.planned') }}</caption>
                <thead><tr>@foreach (__('money.columns') as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
                @include('parts.bill', ['bill' => $page->quoted])
            </table>
            <x-why :what="__('money.planned')"><p>{{ __('money.why_planned') }}</p></x-why>
            <form method="post" action="{{ route('quotes.store', $part) }}" class="row-fields">
                @marks
                <input type="hidden" name="kind" value="quote">
                <x-field name="customer" :label="__('money.customer')" :value="$customer?->name" :hint="__('money.customer_hint')"
                    maxlength="80" autocomplete="off" />
                <button class="btn go">{{ __('money.keep_quote') }}</button>
            </form>
            @if ($customer !== null)
                <form method="post" action="{{ route('quotes.forget', $part) }}">
                    @marks
                    @method('DELETE')
                    <button class="btn quiet">{{ __('money.erase', ['name' => $customer->name]) }}</button>
                </form>
            @endif
        </section>
        <div>
            @if ($page->actual !== null)
                <details class="card line-fold" @if ($planned->next === null) open @endif>
                    <summary><h2>{{ __($planned->next === null ? 'money.actual' : 'money.so_far') }}</h2>
                        <b class="num">{{ $page->say($page->actual->sums->netMinor) }}</b></summary>
                    <table class="num bill">
                        <caption class="visually-hidden">{{ __('money.so_far') }}</caption>
                        <thead><tr>@foreach (__('money.columns') as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
                        @include('parts.bill', ['bill' => $page->actual])
                    </table>
                    <x-why :what="__('money.so_far')"><p>{{ __('money.why_actual') }}</p></x-why>
                    @if ($planned->next === null)
                        <form method="post" action="{{ route('quotes.store', $part) }}">
                            @marks
                            <input type="hidden" name="kind" value="settlement">
                            <button class="btn go">{{ __('money.settle') }}</button>
                        </form>
                    @endif
                </details>
            @endif
            @if ($page->actual !== null && $planned->next === null)
                <section class="card" aria-labelledby="difference-title">
                    <h2 id="difference-title">{{ __($page->kept === null ? 'money.difference.plan' : 'money.difference.quote', [
                        'by' => ($page->difference->costMinor > 0 ? '+' : '').$page->say($page->difference->costMinor),
                    ]) }}</h2>
                    <p class="soft">{{ $page->kept === null
                        ? __('money.against_plan') : __('money.against_quote', ['n' => $page->kept->number]) }}</p>
                    <ul class="causes plain-list">
                        @foreach ($page->causes() as $cause)
                            <li><span>{{ $cause['cause'] }}</span>
                                <svg viewBox="0 0 480 14" aria-hidden="true">
                                    <path d="M240 0V14" class="axis"/>
                                    <rect x="{{ $cause['x'] }}" y="1" width="{{ $cause['width'] }}" height="12"
                                        class="{{ $cause['isMore'] ? 'is-more' : 'is-less' }}"/></svg>
                                <b class="num amount">{{ $cause['says'] }}</b></li>
                        @endforeach
                    </ul>
                </section>
            @endif
            @if ($kept->isNotEmpty())
                <section class="card" aria-labelledby="kept-title">
                    <h2 id="kept-title">{{ __('money.kept_title') }}</h2>
                    <ul class="plain-list num">
                        @foreach ($kept as $quote)
                            <li><a href="{{ route('quotes.pdf', $quote) }}">{{
                                __("money.one.{$quote->kind}", ['n' => $quote->number]) }}</a>
                                {{ $quote->money()->say($quote->bill()->sums->totalMinor) }}
                                @if ($quote->customer){{ __('money.pdf.for', ['name' => $quote->customer->name]) }}@endif
                                <span class="soft">{{
                                    $format->date(App\Time\ShopTime::minutes($quote->made_at)) }}@if ($quote->valid_until),
                                    {{ __('money.valid_until', ['at' => $quote->valid_until->format('j M Y')]) }}@endif</span></li>
                        @endforeach
                    </ul>
                </section>
            @endif
        </div>
    </div>
</div>
</x-layouts.app>
