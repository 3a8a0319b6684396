<section class="card" aria-labelledby="calendar">
    <h2 id="calendar">Calendar</h2>
    <p>Steps and windows, with alarms before a window opens and before its sure part ends. <a href="{{ route('calendar.file') }}" download>Take the file</a>, or let a calendar read a private address.</p>
    @if (session('feed'))
        <div class="field"><label for="feed-address">Shown once; whoever knows it can read the run sheet</label><input id="feed-address" readonly value="{{ session('feed') }}"></div>
    @endif
    <ul class="feeds">
    @foreach ($feeds as $feed)
        <li><span>Address of {{ $format->date(App\Time\ShopTime::minutes($feed->made_at)) }}, {{ $feed->last_read_at ? 'last read '.$format->when(App\Time\ShopTime::minutes($feed->last_read_at)) : 'not read yet' }}</span>
            <form method="post" action="{{ route('feeds.revoke', $feed) }}">@marks @method('DELETE')<button class="btn quiet">Revoke</button></form></li>
    @endforeach
    </ul>
    <form method="post" action="{{ route('feeds.open') }}">@marks<button class="btn">New private address</button></form>
</section>
