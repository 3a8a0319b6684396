{{-- What is to be minded, by weight; what is only good to know folds. --}}
@foreach (array_intersect_key($notices->byWeight, array_flip($weights)) as $weight => $findings)
    @php($isFolded = $weight === 'note')
    @if ($isFolded)
        <details class="card line-fold minds"><summary>{{ trans_choice('parts.weight.note', count($findings)) }}</summary>
    @else
        <section class="card minds" aria-labelledby="mind-{{ $weight }}"><h2 id="mind-{{ $weight }}">{{ __("parts.weight.{$weight}") }}</h2>
    @endif
    <ul class="findings">
        @foreach ($findings as $finding)<x-finding :finding="$finding" :answer="$notices->answer($finding)" />@endforeach
    </ul>
    @if ($isFolded) </details> @else </section> @endif
@endforeach
