{{-- The same as a list by day: each line leads to its step. Where the drawing has no room it stands in its place. --}}
<section class="sheet-days" aria-labelledby="days-title">
    <h2 id="days-title" class="wide-only">{{ __('sheet.as_list') }}</h2>
    @foreach (App\View\Page\SheetDays::of($plans, $drawing->fromMin, $drawing->untilMin, $format) as $day)
        <details class="day card line-fold" @if ($day['isOpen']) open @endif>
            <summary><h3 class="num">{{ $day['day'] }} <span class="soft">{{ trans_choice('parts.day.steps', count($day['rows'])) }} · {{
                __('parts.day.hands', ['span' => $day['hands']]) }}</span></h3></summary>
            <ol>
                @foreach ($day['rows'] as ['planned' => $plan, 'step' => $step, 'time' => $time])
                    @php($lost = $format->lost($plan->hasMissed($step), $time->way))
                    @php($key = $step->step->key)
                    <li><a href="{{ $sheet }}step={{ $plan->part->id }}:{{ $key }}#step">
                        <span class="num"
                            @figure($plan->part->id, "{$key}.start", $time->startMin)>{{ $format->clock($time->startMin) }}</span>
                        <span class="tag small tag-{{ $plan->part->colour }}">{{ $plan->part->letter }}</span>
                        <span>{{ $format->step($step->step) }}@if ($lost)<small class="lost">{{ $lost }}</small>@endif</span>
                        <span class="num soft">{{ $format->span($time->endMin - $time->startMin) }}<small>{{
                            $floor->initials($time->people) }}</small></span>
                    </a></li>
                @endforeach
            </ol>
        </details>
    @endforeach
</section>
