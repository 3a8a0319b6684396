{{-- The stages as they lie on the part, the newest on top. --}}
@foreach (array_reverse(App\View\Page\CoatRow::byStage($planned, $format)) as $stage)
    <h3 class="stage num">{{ $format->word('stage', $stage['stage']) }}
        <span class="soft">{{ __('parts.stage_done', ['n' => $stage['done'], 'of' => count($stage['rows'])]) }}</span></h3>
    <ol class="coat-list" reversed start="{{ $stage['last'] }}">
        @foreach (array_reverse($stage['rows']) as $row)
            @include('parts.coat-row', ['step' => $row->step, 'when' => $row->when()])
        @endforeach
    </ol>
@endforeach
