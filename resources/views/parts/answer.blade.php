@inject('format', 'App\Words\Formatter')
<aside id="answer" class="answer" aria-live="polite" aria-label="{{ __('answer.title') }}">
    <section class="card">
        <h2>{{ __('answer.title') }}</h2>
        @if ($answer['fault'])
            <p class="finding is-stop">@say('answer.fault', ['fault' => $answer['fault']])</p>
        @elseif ($answer['planned'] === null)
            <p class="soft">{{ __('answer.open') }}</p>
            <ul class="open-list">
                @forelse (array_slice($answer['missing'], 0, 6) as $message)
                    <li>{{ $message }}</li>
                @empty
                    <li>{{ __('answer.sizes') }}</li>
                @endforelse
            </ul>
        @else
            @include('parts.answer-change')
            @include('parts.answer-figures', ['planned' => $answer['planned'], 'less' => $answer['less']])
        @endif
    </section>
</aside>
