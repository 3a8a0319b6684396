{{-- What this rests on that nobody read off a label: each once, with the page that answers it. --}}
@php($unproven = App\Shelf\Unproven::of($part, $only ?? null))
@foreach (array_filter(['made_up' => $unproven->madeUp, 'assumed' => $unproven->assumed]) as $why => $items)
    <p @class(['finding', 'is-warn' => $why === 'made_up', 'is-note' => $why !== 'made_up'])><b>{{ __("shelf.unproven.{$why}") }}</b>
        @foreach ($items as $item)<a href="{{ route('shelf.edit', [App\Shelf\Unproven::kindOf($item), $item->id]) }}">{{
            $item->name }}</a>{{ $loop->last ? '.' : ', ' }}@endforeach
        {{ __("shelf.unproven.{$why}_so") }}</p>
@endforeach
@if ($unproven->shop !== [])
    <p class="finding is-note"><b>{{ __('shelf.unproven.assumed') }}</b> <a href="{{ route('shop.edit', ['section' => 'week']) }}">{{
        __('shelf.unproven.shop.'.implode('_', $unproven->shop)) }}</a>. {{ __('shelf.unproven.shop_so') }}</p>
@endif
