{{-- A tab a kind, a line a jar that opens; what is sought is listed over all kinds. --}}
@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('app.rooms.shelf')">
<div class="page shelf">
    <header class="page-head"><h1>{{ __('app.rooms.shelf') }}</h1><p class="soft">{{ __('shelf.made_up') }}</p>
        <form method="get" action="{{ route('shelf') }}" role="search" class="seek">
            <label class="visually-hidden" for="seek">{{ __('shelf.seek') }}</label>
            <input id="seek" type="search" name="q" value="{{ $sought }}" maxlength="60" placeholder="{{ __('shelf.seek_hint') }}">
            <button class="btn">{{ __('app.find') }}</button>
        </form>
        @can('run', App\Models\Shop::class)<p><a class="btn" href="{{ route('shelf.shopping') }}">{{ __('stock.shopping.link') }} <b
            class="num">{{ $toBuy }}</b></a></p>@endcan</header>
    <nav class="tabs kinds" aria-label="{{ __('shelf.kinds') }}">
        @foreach ($kinds as $name => $kind)
            <a href="{{ route('shelf', ['kind' => $name]) }}" @class(['on' => $name === $tab, 'is-short' => isset($short[$name])])
                @if ($name === $tab) aria-current="page" @endif>{{ $kind::heading() }} <span class="num">{{ $counts[$name] }}</span>@isset(
                    $short[$name]
                )<span class="visually-hidden"> {{ __('shelf.some_missing') }}</span>@endisset</a>
        @endforeach
    </nav>
    @if ($sought !== '' && array_filter($items, fn ($of) => $of->isNotEmpty()) === [])
        <section class="card calm"><p>{{ __('shelf.not_found', ['q' => $sought]) }}</p></section>
    @endif
    @foreach ($items as $name => $of)
        @php($kind = $kinds[$name])
        @continue($sought !== '' && $of->isEmpty())
        <section class="card shelf-kind" aria-labelledby="shelf-{{ $name }}">
            <div class="card-head">
                <h2 id="shelf-{{ $name }}">{{ $kind::heading() }}</h2>
                @can('own', App\Models\Shop::class)
                    @if ($short = ['resins' => 'epoxy', 'clears' => 'clear', 'cloths' => 'cloth'][$name] ?? null)
                        <a class="btn" href="{{ route('shelf.short', $short) }}">{{
                            __('shelf.short.title') }}</a>
                    @endif
                    <a class="btn quiet" href="{{ route('shelf.create', $name) }}">{{ __('shelf.add', ['kind' => $kind::SINGULAR]) }}</a>
                @endcan
            </div>
            @foreach ($of as $item)
                @include('shelf.jar', ['rows' => $rows["{$name}-{$item->id}"], 'opens' => $of->count() === 1])
            @endforeach
        </section>
    @endforeach
    @include('shelf.import')
</div>
</x-layouts.app>
