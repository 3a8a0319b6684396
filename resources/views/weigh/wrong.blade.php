<details class="fold">
    <summary class="btn quiet">{{ __('inspect.wrong') }}</summary>
    <form method="post" action="{{ route('inspect.wrong', $part) }}" class="acts">
        @marks
        @foreach (['cup_kicked', 'wrong_jar'] as $mishap)
            <button class="btn" name="mishap" value="{{ $mishap }}">{{ $format->word('mishap', $mishap) }}</button>
        @endforeach
    </form>
</details>
