@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
@if ($part->held_at || $part->cancelled_at)
    <div class="notice" role="status"><p>{{ __($part->cancelled_at ? 'parts.state.is_cancelled' : 'parts.state.is_held', [
        'at' => $format->date(App\Time\ShopTime::minutes($part->cancelled_at ?? $part->held_at)),
    ]) }}</p>
    @can('decide', $part)<form method="post" action="{{ route('parts.resume', $part) }}">@marks<button
        class="btn go">{{ __('parts.state.resume') }}</button></form>@endcan</div>
@endif
<header class="part-head">
    <x-tag :part="$part" class="large" />
    <div class="part-name">
        <h1>{{ $part->name }}</h1>
        <p class="soft">{{ implode(' · ', [
            __('methods.'.$part->method.'.name'), $format->substrate($part), $format->word('finish', $part->finish),
        ]) }}</p>
    </div>
    <dl class="part-figures num">
        <div>
            <dt>{{ __($planned->next ? 'parts.figures.ready' : 'parts.figures.finished') }}</dt>
            <dd
                @if ($planned->next) @figure($part->id, 'ready', $planned->schedule->readyMin()) @endif
            >{{ $format->day($planned->next ? $planned->schedule->readyMin() : $plan->lastDone()?->doneAtMin) }}</dd>
        </div>
    </dl>
    <nav class="tabs" aria-label="{{ __('parts.one') }}">
        @foreach (array_intersect_key(__('parts.rooms'), array_flip(App\View\Page\PartRooms::of($plan))) as $room => $name)
            @continue($room === 'money' && Gate::denies('work', $part))
            <a href="{{ route("parts.{$room}", $part) }}" @class([
                    'on' => request()->routeIs("parts.{$room}", $room === 'inspect' ? 'defects.show' : "parts.{$room}"),
                ])
                @if (request()->routeIs("parts.{$room}")) aria-current="page" @endif>{{ $name }}</a>
        @endforeach
    </nav>
</header>
