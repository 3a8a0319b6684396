<section class="card" aria-labelledby="late-title">
    <h1 id="late-title">{{ __('weigh.late') }}</h1>
    <p class="finding is-stop" role="alert">@say($page->mayBeKeyed() ? 'weigh.late_key' : 'weigh.late_wait', $page->lateTimes())</p>
    @if ($page->mayBeKeyed())
        <x-act :part="$part" kind="sanded" :step="$page->key" grit="180" to="weigh">
            <button class="btn go wide-btn">{{ __('bench.keyed') }}</button>
        </x-act>
    @endif
    <p><a class="btn" href="{{ route('bench') }}">{{ __('weigh.other_ways') }}</a></p>
    @if ($cup->pour->totalG() > 0)<p class="soft num">{{ __('weigh.keeps', [
        'grams' => $format->mixed($cup->pour->totalG(), $cup->batch->ratio),
    ]) }}</p>@endif
</section>
