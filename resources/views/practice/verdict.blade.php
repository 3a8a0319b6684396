<section @class(['card', 'answer-line', 'is-stop' => ! $verdict->isWon()]) aria-labelledby="verdict-title" id="verdict">
    <div>
        <h2 id="verdict-title">{{ __($verdict->isWon() ? 'practice.is_won' : 'practice.not_yet') }}</h2>
        <ul>
            @foreach ($verdict->goals as $goal)
                <li>@say($goal['met'] ? 'practice.met' : 'practice.missed', ['goal' => $room->goal($goal)])</li>
            @endforeach
            @foreach ($verdict->mistakes as $mistake)
                <li><b>{{ $room->clock($mistake->atMin) }}:</b> {{ $room->mistake($mistake) }}</li>
            @endforeach
        </ul>
    </div>
    <div class="lesson-acts">
        <form method="post" action="{{ route('practice.begin') }}">
            @marks
            <input type="hidden" name="lesson" value="{{ $room->lesson->value }}">
            <input type="hidden" name="seed" value="{{ $run->seed }}">
            <button class="btn">{{ __('practice.again') }}</button>
        </form>
        <form method="post" action="{{ route('practice.begin') }}">
            @marks
            <input type="hidden" name="lesson" value="{{ $room->lesson->value }}">
            <button class="btn">{{ __('practice.another') }}</button>
        </form>
        <a class="btn quiet" href="{{ route('practice') }}">{{ __('practice.all') }}</a>
    </div>
</section>
