<section class="card" aria-labelledby="accept-head">
    <h2 id="accept-head">{{ __('inspect.accept') }}</h2>
    <x-table :columns="__('inspect.accept_columns')" :scroll="__('inspect.accept')">
        @foreach ($page->verdicts as $verdict)
            <tr>
                <th scope="row">{{ $format->zone($verdict->zone) }}</th>
                <td>{{ $format->word('visibility', $verdict->zone->visibility) }}</td>
                <td>{{ count($verdict->open) ?: '–' }}</td>
                <td>{{ $verdict->leftUm === null ? '–' : $format->um($verdict->leftUm) }}</td>
                <td>{{ $verdict->glossGu === null ? '–' : round($verdict->glossGu).' GU' }}</td>
                <td>
                    <b class="risk is-{{ $verdict->word() === 'fails' ? 'over' : ($verdict->word() === 'passes' ? 'fine' : 'none') }}">{{
                        __("inspect.verdict.{$verdict->word()}") }}</b>
                    <span class="soft">{{ $page->because($verdict) }}</span>
                    @if ($verdict->kept)
                        <span class="soft">· {{ __('inspect.kept_verdict', ['at' => $format->when($verdict->kept->atMin)]) }}: {{
                            __('inspect.verdict.'.($verdict->kept->content->passes ? 'passes' : 'fails')) }}</span>
                    @endif
                    @can('work', $part)
                        @if ($verdict->isLooked)
                            <form method="post" action="{{ route('inspect.passed', $part) }}" class="acts">
                                @marks
                                <input type="hidden" name="zone" value="{{ $verdict->zone->name }}">
                                <button class="btn" name="passes" value="{{ $verdict->passes() ? 1 : 0 }}">{{
                                    __('inspect.'.($verdict->passes() ? 'pass_zone' : 'fail_zone')) }}<span class="visually-hidden">, {{
                                    $verdict->zone->name }}</span></button>
                            </form>
                        @endif
                    @endcan
                </td>
            </tr>
        @endforeach
    </x-table>
</section>
