{{-- What an act asks for afterwards, a line each: never before the thing that is due. --}}
@if ($asks !== [])
<section class="card answers" aria-label="{{ __('bench.asks') }}">
    @foreach ($asks as $call)
        @php($part = $call->planned->part)
        @includeWhen($call->look() !== null, 'bench.look')
        @can('work', $part)@includeWhen($call->leftoverOf() !== null, 'bench.cup-left')@endcan
    @endforeach
</section>
@endif
