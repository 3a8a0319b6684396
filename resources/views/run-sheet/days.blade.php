{{-- By day, where the drawing has no room: each line leads to the step. --}}
<div class="sheet-days">
    @foreach (App\View\Page\SheetDays::of($plans, $format) as $day)
        <details class="day card line-fold" @if ($day['isOpen']) open @endif>
            <summary><h2 class="num">{{ $day['day'] }} <span class="soft">{{ trans_choice('parts.day.steps', count($day['rows'])) }} · {{
                __('parts.day.hands', ['span' => $day['hands']]) }}</span></h2></summary>
            <ol>
                @foreach ($day['rows'] as ['planned' => $plan, 'step' => $step, 'time' => $time])
                    @php($lost = $format->lost($plan->hasMissed($step), $time->way))
                    @php($at = ['span' => $drawing->span, 'step' => "{$plan->part->id}:{$step->step->key}"])
                    <li><a href="{{ route('run-sheet', $at) }}#step">
                        <span class="num">{{ $format->clock($time->startMin) }}</span>
                        <x-tag :part="$plan->part" class="small" />
                        <span>{{ $format->step($step->step) }}@if ($lost)<small class="lost">{{ $lost }}</small>@endif</span>
                        <span class="num soft">{{ $format->span($time->endMin - $time->startMin) }}<small>{{
                            $floor->initials($time->people) }}</small></span>
                    </a></li>
                @endforeach
            </ol>
        </details>
    @endforeach
</div>
