@inject('format', 'App\Words\Formatter')
@if ($why = App\View\Page\WindowReasons::of($planned))
<x-why :what="__('bench.window.of')">
    <p>{{ __('bench.window.age', ['c' => $format->celsius($why->kinetics->reference->inCelsius())]) }}</p>
    <dl>
        <dt>{{ __('bench.window.now') }}</dt>
        <dd>{{ __('bench.window.now_min', ['min' => round($why->ageMin), 'since' => $format->when($why->coat->doneAtMin)]) }}</dd>
        <dt>{{ __('bench.window.bonds') }}</dt>
        <dd>{{ __('bench.window.bonds_min', [
            'from' => round($why->kinetics->age('tack_from')), 'until' => round($why->kinetics->age('tack_until')),
        ]) }}
            <i>{{ __('bench.window.sheet', ['resin' => $why->resin->name]) }}</i></dd>
        @if ($why->isPaced())
            <dt>{{ __('bench.window.pace') }}</dt>
            <dd>{{ number_format($why->pace, 2) }} <i>{{ __('bench.window.checks') }}</i></dd>
        @endif
        <dt>{{ __('bench.window.activation') }}</dt>
        <dd>{{ $format->activation($why->kinetics->activation) }}
            <i>{{ $format->word('activation', $why->kinetics->activation->basis->value) }}</i></dd>
        <dt>{{ __('bench.window.lag') }}</dt>
        <dd>{{ __('bench.window.lag_min', ['min' => round($planned->plan->brief->substrate->lagMin())]) }}
            <i>{{ __('bench.window.assumed_for', [
                'substrate' => $format->word('substrate', $planned->plan->brief->substrate->value),
            ]) }}</i></dd>
        <dt>{{ __('bench.window.opens') }}</dt>
        <dd>{{ $format->spread($why->window->opens) }}</dd>
        <dt>{{ __('bench.window.closes') }}</dt>
        <dd>{{ $format->spread($why->window->closes) }}</dd>
        <dt>{{ __('bench.window.doubt') }}</dt>
        <dd>{{ __('bench.window.doubts') }} <i>{{ __('bench.window.assumed') }}</i></dd>
    </dl>
</x-why>
@endif
