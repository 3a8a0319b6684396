@inject('format', 'App\Words\Formatter')
<x-layouts.app title="Shelf">
<div class="page shelf">
    <header class="page-head"><h1>Shelf</h1><p class="soft">Made-up examples; set your own sheets in their place.</p></header>
    @foreach (App\Shelf\ShelfKinds::all() as $name => $kind)
    <section class="card" aria-labelledby="shelf-{{ $name }}">
        <div class="card-head"><h2 id="shelf-{{ $name }}">{{ ucfirst($name) }}</h2>@can('own', App\Models\Shop::class)<a class="btn quiet" href="{{ route('shelf.create', $name) }}">Add a {{ $kind::SINGULAR }}</a>@endcan</div>
        <ul class="shelf-list shelf-{{ $name }}">
        @foreach ($items[$name] as $item)
            <li @class(['is-out' => $kind->isOut($item)])><a href="{{ route('shelf.edit', [$name, $item->id]) }}">
                @if ($name === 'papers')
                    <svg viewBox="0 0 44 44" class="grain" aria-hidden="true"><circle cx="22" cy="22" r="{{ round(OakGloss\Abrasion\Grit::MEAN_GRAIN_UM[$item->grit] / 425 * 21 + .6, 2) }}"/></svg>
                @endif
                <b>{{ $kind->title($item) }}</b>
                <span class="soft num">{{ $kind->line($item, $format) }}</span>
                @if ($name === 'resins')
                    @php($life = $lives[$item->id] ?? null)
                    @if ($life === null)<span class="soft">This sheet can't be reckoned with. Open it and type it anew.</span>@else
                    <svg viewBox="0 0 400 20" class="life" preserveAspectRatio="xMinYMid meet" role="img" aria-label="At {{ $format->celsius($airC) }}: bonds from {{ $format->span($life->opensMin) }} to {{ $format->span($life->closesMin) }}, sandable after {{ $format->span($life->sandableMin) }}">
                        <rect x="0" y="3" width="{{ $life->x($life->opensMin, 400) }}" height="14" class="wet-ground"/>
                        <rect x="{{ $life->x($life->opensMin, 400) }}" y="2" width="{{ $life->x($life->closesMin, 400) - $life->x($life->opensMin, 400) }}" height="16" class="bond"/>
                        <path d="M{{ $life->x($life->closesMin, 400) }} 3L{{ $life->x($life->sandableMin, 400) }} 9V11L{{ $life->x($life->closesMin, 400) }} 17Z" class="missed"/>
                    </svg>
                    <span class="soft num">now, at {{ $format->celsius($airC) }}: bonds {{ $format->span($life->opensMin) }} to {{ $format->span($life->closesMin) }}, sandable {{ $format->span($life->sandableMin) }}</span>
                    @endif
                @endif
            </a></li>
        @endforeach
        </ul>
    </section>
    @endforeach
</div>
</x-layouts.app>
