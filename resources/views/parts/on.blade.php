{{-- From a room on to what is next. --}}
@if ($planned->next && $planned->part->isOpen())
    <a class="btn go" href="{{ route('parts.show', $planned->part) }}">{{ __('parts.next', [
        'step' => $format->step($planned->next->step->step),
    ]) }}</a>
@endif
