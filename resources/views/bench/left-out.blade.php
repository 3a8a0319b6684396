@inject('open', 'App\Planning\PlannableParts')
@php($parts = $open->leftOut($floor->shop))
@if ($floor->leftOut !== [] || $parts !== [])
<section class="card" aria-label="{{ __('bench.left_out') }}">
    <h2>{{ __('bench.left_out') }}</h2>
    @foreach ($parts as $broken)
        <p class="finding is-warn">
            <b>{{ $broken->part->letter }} {{ $broken->part->name }}</b> {{ $broken->getMessage() }}
            <span><a href="{{ route('parts.edit', $broken->part) }}">{{ __('bench.its_brief') }}</a></span>
        </p>
    @endforeach
    @foreach ($floor->leftOut as $row)
        <p class="finding is-warn">
            @say('bench.unreadable', ['row' => $row])
            <span>{{ __('bench.unreadable_so') }} <a href="{{ route('shop.edit') }}">{{ __('app.rooms.shop') }}</a></span>
        </p>
    @endforeach
</section>
@endif
