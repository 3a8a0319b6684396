@inject('format', 'App\Words\Formatter')
<section class="card pace" aria-labelledby="pace-title">
    <h2 id="pace-title">{{ __('shelf.pace.title') }}</h2>
    @if ($paceChart === null)
        <p>{{ __('shelf.pace.none') }}</p>
    @else
        <div>
            @say('shelf.pace.is', [
                'against' => $format->pace($pace->factor), 'give' => max(1, round(100 * $pace->sigma)),
                'checks' => trans_choice('shelf.pace.checks', $paceCount['counted']), 'coat' => round(100 * $pace->rateSigma),
            ])
            <x-why :what="__('shelf.pace.of')"><p>{{ __('shelf.pace.why') }}</p></x-why>
        </div>
        <x-drawing.pace-chart :chart="$paceChart" />
        <p class="soft">{{ __('shelf.pace.key') }}</p>
        <details class="as-table" @if ($paceChart->asks()) open @endif>
            <summary>{{ __(count($paceChart->dots) < $paceCount['all'] ? 'shelf.pace.newest' : 'shelf.pace.all', [
                'n' => count($paceChart->dots), 'of' => $paceCount['all'],
            ]) }}</summary>
            <ul class="checks">
                @foreach ($paceChart->newestFirst() as $check)@include('shelf.check')@endforeach
            </ul>
        </details>
        @error('reason')<p class="more"><strong>{{ $message }}</strong></p>@enderror
    @endif
</section>
