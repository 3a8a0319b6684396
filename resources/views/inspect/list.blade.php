<section class="card" aria-labelledby="found-head">
    <h2 id="found-head">{{ __('inspect.found') }}</h2>
    @if ($page->defects === [])
        <p class="soft">{{ __('inspect.found_none') }}</p>
    @else
        <ol class="defects">
            @foreach ($page->defects as $state)
                <li @class(['is-through' => $state->isThrough])>
                    <a href="{{ route('defects.show', [$part, $state->found->id]) }}">
                        <b>{{ $format->word('defect', $state->found->content->defect) }}</b>
                        <span>{{ $page->where($state) }}</span>
                        <em>{{ $page->stateOf($state) }}</em>
                    </a>
                </li>
            @endforeach
        </ol>
    @endif
</section>
