{{-- What the last press asks for, a line each: never before the thing that is due. --}}
@php($asks = array_filter(
    [...array_filter([$now]), ...$others],
    fn ($c): bool => ($c === $now ? $c->look() !== null : $c->hasFreshLook()) || $c->leftoverOf() !== null,
))
@if ($asks !== [])
<section class="card asks" aria-label="{{ __('bench.asks') }}">
    @foreach ($asks as $call)
        @php($part = $call->planned->part)
        @includeWhen($call === $now ? $call->look() !== null : $call->hasFreshLook(), 'bench.look')
        @can('work', $part)@includeWhen($call->leftoverOf() !== null, 'bench.cup-left')@endcan
    @endforeach
</section>
@endif
