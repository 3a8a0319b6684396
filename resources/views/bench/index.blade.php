@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('app.rooms.bench')">
<div id="bench" hx-get="{{ route('bench') }}" hx-trigger="every 60s, over" hx-select="#live" hx-target="#live" hx-swap="morph:outerHTML"
    hx-ext="morph">
<div id="live">
    <x-drawing.window-strip :strip="$strip" />
    <div class="bench">
        <div class="bench-main">
            @if ($now)
                @include('bench.now', ['call' => $now])
            @elseif ($then === [])
                <section class="card calm">
                    <h1>{{ __('bench.no_part') }}</h1>
                    <p>{{ __('bench.all_finished') }}</p>
                    <a class="btn go" href="{{ route('parts.choose') }}">{{ __('parts.new') }}</a>
                </section>
            @else
                <section class="card calm">
                    <h1>{{ __($bench->couldBegin() ? 'bench.nothing_due' : 'bench.nothing_wanted') }}</h1>
                    <p>
                        {{ __('bench.next') }} <x-tag :part="$then[0]->planned->part" /> {{ $then[0]->nextWords() }}
                    </p>
                </section>
            @endif
            @if ($then !== [])
                <section class="card then" aria-labelledby="then-title">
                    <div class="card-head">
                        <h2 id="then-title">{{ __('bench.then') }}</h2>
                        <label class="tick tone"><input type="checkbox" id="tone"> {{ __('bench.tone') }}</label>
                    </div>
                    @foreach ($then as $call)
                        @include('bench.row', ['call' => $call])
                    @endforeach
                </section>
            @endif
        </div>
        <aside class="bench-side">
            @include('bench.left-out', ['floor' => $bench->floor])
            @include('bench.changes')
            @include('bench.offer')
            @include('bench.air', ['floor' => $bench->floor])
            <div id="evening" data-comes hx-get="{{ route('bench.evening') }}" hx-trigger="load, every 300s" hx-select="#evening-cards"
                hx-target="this" hx-swap="innerHTML">
                <p class="soft"><a href="{{ route('bench.evening') }}">{{ __('bench.evening') }}</a></p>
            </div>
        </aside>
    </div>
</div>
</div>
</x-layouts.app>
