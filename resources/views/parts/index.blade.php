@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('app.rooms.parts')">
<div class="page">
    <header class="page-head">
        <h1>{{ __('app.rooms.parts') }}</h1>
        <a class="btn quiet" href="{{ route('habits') }}">{{ __('inspect.habits') }}</a>
        @can('run', App\Models\Shop::class)<a class="btn go" data-key="n"
            href="{{ route('parts.choose') }}">{{ __('parts.new') }}</a>@endcan
    </header>
    @include('parts.sought')
    @if ($planned === [] && $finished->isEmpty() && $lying->isEmpty())
        <section class="card calm"><p>{{ __($list->isSought() ? 'parts.none_fits' : 'parts.none') }}</p></section>
    @else
        <ul class="part-list">
            @foreach ($planned as $call)
                @include('parts.card', ['part' => $call->part, 'plan' => $call->plan])
            @endforeach
        </ul>
        @if ($lying->isNotEmpty())
            <h2 class="finished-head">{{ __('parts.state.lying') }}</h2>
            <ul class="part-list finished">
                @foreach ($lying as $part)
                    <li><x-tag :part="$part" /> <a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a>
                        <span class="soft">{{ __($part->cancelled_at ? 'parts.state.is_cancelled' : 'parts.state.is_held', [
                            'at' => $format->date(App\Time\ShopTime::minutes($part->cancelled_at ?? $part->held_at)),
                        ]) }}</span></li>
                @endforeach
            </ul>
        @endif
        @if ($finished->isNotEmpty())
            <h2 class="finished-head">{{ __('parts.finished') }} <span class="soft num">{{ $finished->total() }}</span></h2>
            <ul class="part-list finished">
                @foreach ($finished as $part)
                    <li>
                        <x-tag :part="$part" /> <a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a>
                        <span class="soft">{{ $format->word('substrate', $part->substrate) }} ·
                            {{ $format->word('finish', $part->finish) }}</span>
                        <span class="num">{{ $format->date(
                            $part->finished_at === null ? null : App\Time\ShopTime::minutes($part->finished_at),
                        ) }}</span>
                    </li>
                @endforeach
            </ul>
            @if ($finished->hasPages())
                <nav class="pages" aria-label="{{ __('parts.finished_pages') }}">
                    @if (! $finished->onFirstPage())
                        <a class="btn quiet" rel="prev" href="{{ $finished->previousPageUrl() }}">{{ __('parts.newer') }}</a>
                    @endif
                    <span class="soft num">{{ __('parts.page', ['n' => $finished->currentPage(), 'of' => $finished->lastPage()]) }}</span>
                    @if ($finished->hasMorePages())
                        <a class="btn quiet" rel="next" href="{{ $finished->nextPageUrl() }}">{{ __('parts.older') }}</a>
                    @endif
                </nav>
            @endif
        @endif
    @endif
</div>
</x-layouts.app>
