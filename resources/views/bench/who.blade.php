{{-- Whose hands are on it: taken on by one press, given up by one. --}}
@inject('format', 'App\Words\Formatter')
@php($who = App\Planning\WhoHasIt::of($planned))
@php($key = $planned->next?->step->step->key)
@if ($who)
    <div class="who finding is-note"><p>{{ $who->user->is(auth()->user()) ? __('bench.who_you', ['at' => $format->when($who->sinceMin)])
        : __('bench.who', ['name' => $who->user->name, 'at' => $format->when($who->sinceMin)]) }}</p>
        @can('work', $planned->part)
            @if ($who->user->is(auth()->user()))
                <x-act :part="$planned->part" kind="taken_on" :step="$key" :to="$to ?? 'bench'">
                    <input type="hidden" name="has" value="0">
                    <button class="btn quiet">{{ __('facts.taken_on.give_up') }}</button>
                </x-act>
            @endif
        @endcan</div>
@elseif ($key !== null && $planned->next->needsHandsNow())
    @can('work', $planned->part)
        <x-act :part="$planned->part" kind="taken_on" :step="$key" :to="$to ?? 'bench'" class="who">
            <input type="hidden" name="has" value="1">
            <button class="btn quiet">{{ __('facts.taken_on.label') }}</button>
        </x-act>
    @endcan
@endif
