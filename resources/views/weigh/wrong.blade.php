<details class="fold">
    <summary class="btn quiet">{{ __('inspect.wrong') }}</summary>
    @if ($page->mayBeSwapped())
        <form method="post" action="{{ route('weigh.swap', [$part, $page->key]) }}" class="acts">
            @marks
            <button class="btn">{{ __('weigh.swap', ['resin' => $format->mixed($cup->pour->hardenerG, $cup->batch->ratio, 'hardener'),
                'hardener' => $format->mixed($cup->pour->resinG, $cup->batch->ratio, 'resin')]) }}</button>
        </form>
    @endif
    <form method="post" action="{{ route('inspect.wrong', $part) }}" class="acts">
        @marks
        @foreach (['cup_kicked', 'wrong_jar'] as $mishap)
            <button class="btn" name="mishap" value="{{ $mishap }}">{{ $format->word('mishap', $mishap) }}</button>
        @endforeach
    </form>
    <form method="post" action="{{ route('inspect.wrong', $part) }}" class="row-fields">
        @marks
        <input type="hidden" name="mishap" value="cup_binned">
        <div class="field"><label for="because">{{ __('weigh.bin_because') }}</label>
            <input id="because" name="because" maxlength="120" required></div>
        <button class="btn is-stop">{{ __('weigh.bin') }}</button>
    </form>
</details>
