{{-- What becomes of a part that does not go on as planned. --}}
@inject('format', 'App\Words\Formatter')
<details class="fold part-state">
    <summary class="btn quiet">{{ __('parts.state.title') }}</summary>
    <div class="acts">
        <form method="post" action="{{ route('parts.hold', $part) }}">@marks
            <p class="soft">@say('parts.state.hold_costs', [
                'hands' => $format->span($planned->plan->handsAheadMin()), 'ready' => $format->date($planned->schedule->readyMin()),
            ])
                @if ($window = $planned->next?->window)
                    @say('parts.state.hold_window', ['at' => $format->when($window->closes->expectedMin)])
                @endif</p>
            <button class="btn">{{ __('parts.state.hold') }}</button></form>
        <form method="post" action="{{ route('parts.cancel', $part) }}">@marks
            <p class="soft">{{ __('parts.state.cancel_costs') }}</p>
            <button class="btn is-stop">{{ __('parts.state.cancel') }}</button></form>
        @if ($planned->plan->lastDone() && ! $planned->plan->method->startsFrom()->hasFilm())
            <form method="post" action="{{ route('inspect.wrong', $part) }}">@marks
                <p class="soft">{{ __('parts.state.over_costs') }}</p>
                <input type="hidden" name="mishap" value="spoilt">
                <x-field name="because" :label="__('parts.state.over_because')" maxlength="120" />
                <button class="btn is-stop">{{ __('parts.state.over') }}</button></form>
        @endif
        @if ($part->facts->isEmpty())
            <form method="post" action="{{ route('parts.destroy', $part) }}">@marks @method('DELETE')
                <p class="soft">{{ __('parts.state.delete_costs') }}</p>
                <button class="btn is-stop">{{ __('parts.state.delete') }}</button></form>
        @endif
    </div>
</details>
