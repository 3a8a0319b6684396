{{-- Days in the order of the work; what is done is one line. --}}
@php($days = new App\View\Page\PlanDays($planned, $format))
@if ($days->done !== [])
    @php($last = $days->done[count($days->done) - 1])
    <details class="day is-done line-fold" @if ($days->ahead === []) open @endif>
        <summary><h3 class="num">{{ trans_choice('parts.day.done', count($days->done), [
            'step' => lcfirst($format->step($last->step->step)), 'at' => $format->day($last->step->doneAtMin),
        ]) }}</h3></summary>
        <ol class="coat-list">
            @foreach ($days->done as $row)@include('parts.coat-row', ['step' => $row->step, 'when' => $row->when()])@endforeach
        </ol>
    </details>
@endif
@forelse ($days->ahead as $day)
    <details class="day line-fold" @if ($day['isOpen']) open @endif>
        <summary><h3 class="num">{{ $day['day'] }} <span class="soft">{{ $days->sum($day['rows']) }}</span></h3></summary>
        <ol class="coat-list">
            @foreach ($day['rows'] as $row)@include('parts.coat-row', ['step' => $row->step, 'when' => $row->clock()])@endforeach
        </ol>
    </details>
@empty
    <p class="soft none-left">{{ __('parts.day.none') }}</p>
@endforelse
