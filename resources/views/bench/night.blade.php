@inject('format', 'App\Words\Formatter')
@if ($night->until)
<details class="card">
    <summary>{{ __('bench.night_line', ['c' => $format->celsius($night->coldest['celsius'])]) }}</summary>
    <p>{{ __('bench.coldest', [
        'c' => $format->celsius($night->coldest['celsius']), 'at' => $format->when($night->coldest['minute']),
        'back' => $format->when($night->until),
    ]) }}</p>
    <ul class="night-list">
    @foreach ($night->nights as $of)
        <li>
            <x-tag :part="$of->planned->part" class="small" /> {{ $format->word('event', $of->event) }}
            <b>{{ $format->when($of->at->expectedMin) }}</b>{{ __('bench.if_steady', ['at' => $format->when($of->steadyMin)]) }}
            @if ($full = $night->fullCure($of))<span class="soft">{{ $full }}</span>@endif
        </li>
    @endforeach
    </ul>
</details>
@endif
