@php($offer = $way->offer)
<form method="post" action="{{ route('defects.take', [$part, $page->of->id]) }}" @class(['way-out', 'is-best' => $isBest])>
    @marks
    <div>
        <h3>{{ $format->word('remedy', $offer->remedy) }} <small>{{ $page->where($way) }}</small></h3>
        <p class="num">{{ $page->price($way) }}</p>
        <p class="soft">{{ implode(' · ', array_filter([
            $offer->content->coats > 0 ? trans_choice('inspect.coats', $offer->content->coats, ['n' => $offer->content->coats]) : '',
            $offer->papers === [] ? '' : __('inspect.papers', ['papers' => implode(', ', array_map(fn ($p) => "P{$p}", $offer->papers))]),
            $page->leftBy($way),
            $way->othersLaterMin > 1 ? __('inspect.later', ['span' => $format->span($way->othersLaterMin)])
                : ($offer->remedy->isLeaving() ? '' : __('inspect.sooner')),
        ])) }}</p>
        @if ($way->steps !== [])
            <details>
                <summary>{{ __('inspect.steps') }}<span class="visually-hidden">: {{
                    $format->word('remedy', $offer->remedy) }}</span></summary>
                <ol>@foreach ($way->steps as $step)<li>{{ $step }}</li>@endforeach</ol></details>
        @endif
    </div>
    @can('work', $part)
        <button @class(['btn', 'go' => $isBest]) name="remedy" value="{{ $offer->remedy->value }}">{{ $page->press($way) }}<span
            class="visually-hidden">: {{ $format->word('remedy', $offer->remedy) }}</span></button>
    @endcan
</form>
