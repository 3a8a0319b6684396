{{-- What the last press asks for: never before the thing that is due. --}}
@php($all = [...array_filter([$now]), ...$others])
@php($looks = array_filter($all, fn ($c): bool => $c === $now ? $c->look() !== null : $c->hasFreshLook()))
@php($cups = array_filter($all, fn ($c): bool => $c->leftoverOf() !== null && Gate::allows('work', $c->planned->part)))
@if ($looks !== [] || $cups !== [])
<section class="card asks" aria-label="{{ __('bench.asks') }}">
    @foreach ($looks as $call)@include('bench.look', ['part' => $call->planned->part])@endforeach
    @if ($cups !== [])
        <div class="cups">
            @foreach ($cups as $call)@include('bench.cup-left', ['part' => $call->planned->part])@endforeach
        </div>
    @endif
</section>
@endif
