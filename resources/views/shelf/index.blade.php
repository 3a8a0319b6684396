@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('app.rooms.shelf')">
<div class="page shelf">
    <header class="page-head"><h1>{{ __('app.rooms.shelf') }}</h1><p class="soft">{{ __('shelf.made_up') }}</p>
        @can('run', App\Models\Shop::class)<p><a class="btn" href="{{ route('shelf.shopping') }}">{{ __('stock.shopping.link') }} <b
            class="num">{{ $toBuy }}</b></a></p>@endcan</header>
    @foreach ($kinds as $name => $kind)
        <section class="card" aria-labelledby="shelf-{{ $name }}">
            <div class="card-head">
                <h2 id="shelf-{{ $name }}">{{ $kind::heading() }}</h2>
                @can('own', App\Models\Shop::class)
                    <a class="btn quiet" href="{{ route('shelf.create', $name) }}">{{ __('shelf.add', ['kind' => $kind::SINGULAR]) }}</a>
                @endcan
            </div>
            <ul class="shelf-list shelf-{{ $name }}">
                @foreach ($items[$name] as $item)
                    <li @class(['is-out' => $kind->isOut($item)])>
                        <a href="{{ route('shelf.edit', [$name, $item->id]) }}">
                            @if ($radius = $kind->grainRadius($item))
                                <svg viewBox="0 0 44 44" class="grain" aria-hidden="true"><circle cx="22" cy="22" r="{{ $radius }}"/></svg>
                            @endif
                            <b>{{ $kind->title($item) }}</b>
                            <span class="soft num">{{ $kind->line($item, $format) }}</span>
                            @foreach ($rows["{$name}-{$item->id}"] as $row)@include('shelf.stock-row')@endforeach
                            @if ($kind::HAS_SHEET)@include('shelf.life', ['life' => $lives[$item->id] ?? null])@endif
                        </a>
                    </li>
                @endforeach
            </ul>
        </section>
    @endforeach
    @include('shelf.import')
</div>
</x-layouts.app>
