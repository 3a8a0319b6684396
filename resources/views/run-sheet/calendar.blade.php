@inject('format', 'App\Words\Formatter')
@use('App\Time\ShopTime')
<section class="card" aria-labelledby="calendar">
    <h2 id="calendar">{{ __('sheet.calendar') }}</h2>
    <p>@say('sheet.calendar_what', ['url' => route('calendar.file')])</p>
    @if (session('feed'))
        <div class="field">
            <label for="feed-address">{{ __('sheet.shown_once') }}</label>
            <input id="feed-address" readonly value="{{ session('feed') }}">
        </div>
    @endif
    <ul class="feeds">
    @foreach ($feeds as $feed)
        <li>
            <span>{{ __($feed->last_read_at ? 'sheet.feed_read' : 'sheet.feed_unread', [
                'of' => $format->date(ShopTime::minutes($feed->made_at)),
                'at' => $feed->last_read_at ? $format->when(ShopTime::minutes($feed->last_read_at)) : '',
            ]) }}</span>
            <form method="post" action="{{ route('feeds.revoke', $feed) }}">
                @marks @method('DELETE')
                <button class="btn quiet">{{ __('sheet.revoke') }}</button>
            </form>
        </li>
    @endforeach
    </ul>
    <form method="post" action="{{ route('feeds.open') }}">@marks<button class="btn">{{ __('sheet.new_address') }}</button></form>
</section>
