@inject('format', 'App\Words\Formatter')
<aside id="answer" class="answer" aria-live="polite" aria-label="{{ __('answer.title') }}">
    <section class="card">
        <h2>{{ __('answer.title') }}</h2>
        @if ($answer['fault'])
            <p class="finding is-stop">@say('answer.fault', ['fault' => $answer['fault']])</p>
        @elseif ($answer['planned'] === null)
            <p class="soft">{{ __('answer.open') }}</p>
            @if ($answer['wrong'] !== [])
                <ul class="open-list">
                    @foreach (array_slice($answer['wrong'], 0, 6) as $message)<li>{{ $message }}</li>@endforeach
                </ul>
            @endif
            @if ($answer['still'] !== [] || $answer['wrong'] === [])
                <p>@say('answer.still', ['what' => implode(', ', $answer['still']) ?: __('answer.sizes')])</p>
            @endif
        @else
            @include('parts.answer-change')
            @include('parts.answer-figures', ['planned' => $answer['planned'], 'less' => $answer['less']])
        @endif
    </section>
</aside>
