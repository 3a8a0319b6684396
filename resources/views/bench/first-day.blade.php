{{-- Before a shop's first part: what is still to be said, each ticked by itself. --}}
<section class="card first-day" aria-labelledby="first-day-title">
    <h1 id="first-day-title">{{ __('bench.first_day.title') }}</h1>
    <ol>
        @foreach ($firstDay->lines() as $line)
            <li @class(['is-done' => $line['isDone'], 'is-next' => $line['isNext']])>
                @if ($line['isDone'])
                    <span>{{ __("bench.first_day.of.{$line['what']}") }}</span>
                    <span class="visually-hidden">{{ __('bench.first_day.done') }}</span>
                @else
                    <a @class(['btn', 'go' => $line['isNext']]) href="{{ $line['url'] }}">{{ __("bench.first_day.of.{$line['what']}") }}</a>
                    <small>{{ __("bench.first_day.why.{$line['what']}") }}</small>
                @endif
            </li>
        @endforeach
    </ol>
</section>
