<section class="card look" aria-labelledby="look-head">
    <h2 id="look-head">{{ __('inspect.look') }}</h2>
    @if ($page->look === null)
        <p class="soft">{{ __('inspect.look_none') }}</p>
    @else
        <p><b>{{ $page->lookTitle() }}</b></p>
        <ol class="looks">
            @foreach ($page->look->looks as $look)
                @php([$isMade, $isNext] = [in_array($look, $page->look->made, true), $look === $page->look->next()])
                <li @class(['is-made' => $isMade, 'is-next' => $isNext]) @if ($isNext) aria-current="step" @endif>
                    <span>{{ ucfirst($format->word('look', $look)) }}@if ($isMade) <em>· {{ __('inspect.looked') }}</em>@endif</span>
                    @if ($isNext)
                        <p class="soft">{{ __("inspect.look_do.{$look->value}") }}</p>
                        @can('work', $part)
                            <form method="post" action="{{ route('inspect.looked', $part) }}" class="acts">
                                @marks
                                <button class="btn go" name="look" value="{{ $look->value }}">{{ __('inspect.nothing') }}</button>
                                <a class="btn" href="#put">{{ __('inspect.found_new') }}</a>
                            </form>
                        @endcan
                    @endif
                </li>
            @endforeach
        </ol>
        @if ($page->look->next() === null)
            <p class="soft">{{ __('inspect.look_done', ['step' => lcfirst($format->step($page->look->step->step))]) }}</p>
        @endif
    @endif
</section>
