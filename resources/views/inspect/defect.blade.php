@inject('format', 'App\Words\Formatter')
@php([$part, $plan, $photo] = [$planned->part, $planned->plan, $page->photo()])
<x-layouts.app :title="$page->title().' · '.$part->name">
@include('parts.head')
<div class="page inspect">
    <section class="card defect-head" aria-labelledby="defect-title">
        <div>
            <h2 id="defect-title">{{ $page->title() }}</h2>
            <p>{{ $page->what() }}@if ($page->cue()) <span class="soft">· {{ $page->cue() }}</span>@endif</p>
            @if ($page->isJar())<p class="caution">{{ __('inspect.bin_jar') }}</p>@endif
            @if ($page->taken())<p><b>{{ ucfirst($page->taken()) }}</b></p>@endif
        </div>
        @if ($photo)
            <a href="{{ route('photos.show', $photo) }}"><img src="{{ route('photos.show', $photo) }}" loading="lazy"
                width="{{ $photo->width }}" height="{{ $photo->height }}"
                alt="{{ __('inspect.photo.alt', ['what' => lcfirst($page->title())]) }}"></a>
        @endif
        <a class="btn" href="{{ route('parts.inspect', $part) }}">{{ __('inspect.back') }}</a>
    </section>
    <div @class(['defect-grid' => $page->ranking])>
        @if ($page->mayBeDecided())
            <section class="card" aria-labelledby="ways-head">
                <div class="card-head">
                    <h2 id="ways-head">{{ $page->asks() }}</h2>
                    @if ($page->of->content->zone !== '')
                        <p class="soft">{{ __('inspect.ways_for', ['zone' => $page->of->content->zone]) }}</p>
                    @endif
                </div>
                @foreach ($page->best() as $way)
                    @include('inspect.way', ['isBest' => $loop->first])
                @endforeach
                @if ($page->best() === [])<p class="soft">{{ __('inspect.none_fits') }}</p>@endif
                @if ($page->rest() !== [])
                    <details class="more">
                        <summary>{{ __('inspect.more_ways') }}</summary>
                        <ul class="not-fitting">
                            @foreach ($page->rest() as $way)
                                <li><b>{{ $format->word('remedy', $way->offer->remedy) }}</b>:
                                    {{ $way->fits() ? $page->price($way) : $page->why($way) }}</li>
                            @endforeach
                        </ul>
                    </details>
                @endif
            </section>
        @endif
        @if ($page->ranking)
            @include('inspect.causes')
        @endif
    </div>
</div>
</x-layouts.app>
