@use('App\View\OldInput')
@php([$part, $key, $bag] = [$planned->part, $chosen['step'], $errors->getBag('climate')])
<h2 id="step"><x-tag :part="$part" /> {{ $format->step($step->step) }}</h2>
<p class="num">{{ implode(' · ', array_filter([
    __('sheet.from_to', [
        'from' => $format->date($time->startMin), 'to' => $format->clock($time->endMin),
        'way' => $format->lost($planned->hasMissed($step), $time->way) ?? $format->word('way', $time->way),
    ]),
    $time->window ? __('sheet.bonds', [
        'between' => $format->between($time->window->opens->expectedMin, $time->window->closes->expectedMin),
        'sure' => $format->sure($time->window),
    ]) : null,
    $time->ready ? __('sheet.sandable', [
        'at' => $format->when($time->ready->expectedMin), 'spread' => $format->spread($time->ready),
    ]) : null,
])) }}</p>
<form class="move-form" method="get" action="{{ route('run-sheet.try', [$part, $key]) }}">
    <input type="hidden" name="span" value="{{ $drawing->span }}">
    <input type="hidden" name="from" value="{{ $drawing->fromMin }}">
    <div class="field">
        <label for="at_local">{{ __('sheet.move_to') }}</label>
        <input id="at_local" type="datetime-local" name="at_local" step="300" value="{{ $format->typedTime($time->startMin) }}" required>
    </div>
    <button class="btn">{{ __('sheet.see') }}</button>
</form>
@if ($chosen['isDecided'])
    <form method="post" action="{{ route('run-sheet.unpin', [$part, $key]) }}">
        @marks @method('DELETE')
        <button class="btn quiet">{{ __('sheet.unpin') }}</button>
    </form>
@endif
<details class="fold" @if ($bag->any()) open @endif>
    <summary class="btn quiet">{{ __('sheet.climate') }}</summary>
    <form class="grid-3" method="post" action="{{ route('run-sheet.climate', [$part, $key]) }}" novalidate>
        @marks
        <div class="field">
            <label for="kind">{{ __('sheet.in') }}</label>
            <select id="kind" name="kind">
                @foreach ($chosen['climates'] as $kind => $warmest)
                    <option value="{{ $kind }}" @selected(old('kind') === $kind)>{{ __('sheet.climate_to', [
                        'climate' => $format->word('climate', $kind), 'c' => round($warmest),
                    ]) }}</option>
                @endforeach
            </select>
        </div>
        @foreach (['from' => $floor->nowMin, 'until' => $time->startMin] as $name => $minute)
            <div class="field">
                <label for="climate-{{ $name }}">{{ __("sheet.climate_{$name}") }}</label>
                <input id="climate-{{ $name }}" type="datetime-local" name="{{ $name }}"
                    value="{{ OldInput::of($name, $format->typedTime($minute)) }}">
            </div>
        @endforeach
        <div @class(['field', 'is-wrong' => $bag->has('c')])>
            @php($warm = app(App\Words\Measures::class)->field('°C', 28))
            <label for="climate-c">{{ __('sheet.climate_at') }}<span class="unit">{{ $warm['unit'] }}</span></label>
            <input type="hidden" name="measured[c]" value="{{ $warm['sent'] }}">
            <input id="climate-c" name="c" inputmode="decimal" value="{{ OldInput::of('c', $warm['shown']) }}">
        </div>
        <p class="form-foot"><button class="btn">{{ __('sheet.plan_it') }}</button></p>
        @if ($bag->any())<p class="more span-3" role="alert"><strong>{{ $bag->first() }}</strong></p>@endif
        <p class="soft span-3">{{ __('sheet.climate_care') }}</p>
    </form>
</details>
