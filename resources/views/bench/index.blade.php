@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('app.rooms.bench')" body-class="on-bench">
<div id="help" hx-get="{{ route('help') }}" hx-trigger="load, every 10s" hx-select="#help-calls"></div>
<p id="spoken" class="visually-hidden" role="status"></p>
<div id="bench" hx-get="{{ route('bench') }}" hx-trigger="every 60s, over" hx-select="#live" hx-target="#live" hx-swap="morph:outerHTML"
    hx-ext="morph">
<div id="live">
    <x-drawing.window-strip :strip="$strip" :lane="$lane" />
    <div class="bench">
        <div class="bench-main">
            @if ($now)
                @include('bench.now', ['call' => $now])
            @elseif ($then === [] && $competing === [] && $firstDay?->isDone() === false)
                @include('bench.first-day')
            @elseif ($then === [] && $competing === [])
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
            @if ($competing !== [])
                <section class="card open-too" aria-label="{{ __('bench.open_too') }}">
                    @foreach ($competing as $call)@include('bench.row', ['call' => $call, 'second' => true])@endforeach
                </section>
            @endif
            @include('bench.answers')
            @if ($then !== [])
                <section class="card then" aria-labelledby="then-title">
                    <h2 id="then-title">{{ __('bench.then') }}</h2>
                    @foreach (array_slice($then, 0, 6) as $call)@include('bench.row', ['call' => $call])@endforeach
                    @if ($more = array_slice($then, 6))
                        <details class="more-rows">
                            <summary>{{ trans_choice('bench.more_parts', count($more)) }}</summary>
                            @foreach ($more as $call)@include('bench.row', ['call' => $call])@endforeach
                        </details>
                    @endif
                </section>
            @endif
        </div>
        <aside class="bench-side">
            @include('bench.left-out', ['floor' => $bench->floor])
            @include('bench.changes')
            @include('bench.offer')
            <div id="evening" data-comes hx-get="{{ route('bench.evening') }}" hx-trigger="load delay:1s, every 300s"
                hx-select="#evening-cards"
                hx-target="this" hx-swap="innerHTML">
                <p class="soft"><a href="{{ route('bench.evening') }}">{{ __('bench.evening') }}</a></p>
            </div>
            @include('bench.air', ['floor' => $bench->floor])
            <p class="side-acts">
                <a class="btn" href="{{ route('bench.hands') }}">{{ __('bench.hands_mode.enter') }}</a>
                <label class="tick tone"><input type="checkbox" id="tone"> {{ __('bench.tone') }}</label>
            </p>
        </aside>
    </div>
</div>
</div>
</x-layouts.app>
