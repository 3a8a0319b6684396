{{-- What is open on the part and would be buried by the next step: it is decided first. --}}
@foreach ($stops as $stop)
    @php($is = $stop->content instanceof OakGloss\Fact\Kind\Found ? 'defect' : 'mishap')
    <div class="finding is-warn">
        <p><b>{{ $format->word($is, $stop->content->{$is}) }}</b>{{ $stop->content->zone === '' ? '' : ', '.$stop->content->zone }}:
            {{ __('bench.stopped') }}</p>
        <p class="acts"><a class="btn go" href="{{ route('defects.show', [$part, $stop->id]) }}">{{ __('bench.decide') }}<span
            class="visually-hidden">: {{ $format->word($is, $stop->content->{$is}) }}</span></a></p>
    </div>
@endforeach
