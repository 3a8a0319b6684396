{{-- What a change of a brief costs, before it is taken. --}}
@if ($was = $answer['was'] ?? null)
    @php($now = $answer['planned'])
    @php($grams = $now->plan->weighedGrams() - $was->plan->weighedGrams())
    @php($hands = $now->plan->handsAheadMin() - $was->plan->handsAheadMin())
    <p class="finding is-note num">
        @if (abs($grams) < 0.5 && abs($hands) < 0.5 && abs(($now->schedule->readyMin() ?? 0) - ($was->schedule->readyMin() ?? 0)) < 1)
            {{ __('answer.costs_nothing') }}
        @else
            @say('answer.change', [
                'was' => $format->date($was->schedule->readyMin()), 'is' => $format->date($now->schedule->readyMin()),
                'grams' => ($grams < 0 ? '−' : '+').$format->grams(abs($grams)),
                'hands' => ($hands < 0 ? '−' : '+').$format->span(abs($hands)),
            ])
        @endif
    </p>
@endif
