{{-- The phone on its shelf: the due thing alone, large, three buttons, and one press out of it. --}}
@inject('format', 'App\Words\Formatter')
@inject('clock', 'App\Time\ShopClock')
<!doctype html>
<html lang="en">
<x-head :title="__('bench.hands_mode.title')" />
<body @class(['hands-mode', 'is-night' => $isNight]) data-now="{{ $clock->now()->getTimestamp() }}" data-runs="{{ $clock->runs() ? 1 : 0 }}"
    data-zone="{{ auth()->user()->shop->zone }}" data-sending="{{ __('app.sending') }}"
    data-awake="{{ __('bench.hands_mode.sleeps') }}">
<p class="reach" id="reach" role="status" data-words="{{ __('errors.out_of_reach') }}" hidden></p>
<div id="help" hx-get="{{ route('help') }}" hx-trigger="load, every 10s" hx-select="#help-calls"></div>
<p id="spoken" class="visually-hidden" role="status"></p>
<main id="main" tabindex="-1">
<div id="bench" hx-get="{{ route('bench.hands') }}" hx-trigger="every 60s, over" hx-select="#live" hx-target="#live"
    hx-swap="morph:outerHTML" hx-ext="morph">
<div id="live">
@if ($now === null)
    <h1>{{ __('bench.nothing_wanted') }}</h1>
    @if ($next)<p class="mid">{{ __('bench.next') }} <x-tag :part="$next->planned->part" /> {{ $next->nextWords() }}</p>@endif
@else
    @php([$call, $planned, $part, $plan, $next, $step] = [
        $now, $now->planned, $now->planned->part, $now->planned->plan, $now->next, $now->step,
    ])
    <h1><x-tag :part="$part" class="large" /> {{ $call->title() }}</h1>
    @include('bench.figures')
    <x-caution-line :step="$step->step" />
    <div class="three">
        @can('work', $part)
            @if ($stops = $call->stoppedBy())
                <a class="btn" href="{{ route('defects.show', [$part, $stops[0]->id]) }}">{{ __('bench.decide') }}:
                    {{ $call->wordOf($stops[0]) }}</a>
            @else
                <x-step-acts :call="$planned" to="hands" one done />
            @endif
            <button type="button" class="btn remind" aria-pressed="false" data-remind="{{ $part->id }}-{{ $step->step->key }}"
                    data-at="{{ (int) round(60 * $call->notYetMin()) }}" data-words="{{ $call->reminder() }}"
                    data-off="{{ __('bench.hands_mode.not_yet') }}" data-on="{{ __('bench.hands_mode.reminds', [
                        'at' => $format->when($call->notYetMin()),
                    ]) }}">{{ __('bench.hands_mode.not_yet') }}</button>
        @endcan
        @can('work', $part)
        <form method="post" action="{{ route('help.store') }}">
            @marks
            <input type="hidden" name="part" value="{{ $part->id }}">
            <button class="btn">{{ __('bench.hands_mode.need') }}</button>
        </form>
        @endcan
    </div>
@endif
@if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
@if ($errors->any())<p class="notice is-stop" role="alert">{{ $errors->first() }}</p>@endif
<p class="out"><a class="btn quiet" href="{{ route('bench') }}">{{ __('bench.hands_mode.out') }}</a></p>
</div>
</div>
<p id="awake" class="soft"></p>
</main>
</body>
</html>
