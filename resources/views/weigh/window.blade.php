{{-- The window that this coat goes into. --}}
@if ($closes = $page->closesMin())
    @if ($page->hasClosed())
        <p class="finding is-stop" role="alert">@say('weigh.closed_mixed', ['at' => $format->when($closes)])</p>
    @else
        <p class="serves num card">
            <span class="label">{{ $page->windowWords() }}</span>
            <b data-until="{{ (int) round($closes * 60) }}"
                data-prefix="in ">{{ __('weigh.in', ['span' => $format->span($closes - $page->nowMin)]) }}</b>
            <span class="soft">{{ $format->sure($page->window) }}</span>
        </p>
        <p class="finding is-stop" data-when-over hidden
            role="alert">@say('weigh.closed_now', ['url' => route('weigh', [$part, $page->key])])</p>
    @endif
@endif
