@inject('say', 'App\Words\Say')
<x-layouts.app title="Shelf">
<div class="page shelf">
    <header class="page-head"><h1>Shelf</h1><p class="soft">Made-up examples; set your own sheets in their place.</p></header>
    @foreach (App\Shelf\ShelfKind::cases() as $kind)
    <section class="card" aria-labelledby="shelf-{{ $kind->value }}">
        <div class="card-head"><h2 id="shelf-{{ $kind->value }}">{{ ucfirst($kind->value) }}</h2>@can('own', App\Models\Shop::class)<a class="btn quiet" href="{{ route('shelf.create', $kind->value) }}">Add a {{ $kind->singular() }}</a>@endcan</div>
        <ul class="shelf-list shelf-{{ $kind->value }}">
        @foreach ($items[$kind->value] as $item)
            <li @class(['is-out' => $kind->value === 'papers' && $item->sheets === 0])><a href="{{ route('shelf.edit', [$kind->value, $item->id]) }}">
                @if ($kind->value === 'papers')
                    <svg viewBox="0 0 44 44" class="grain" aria-hidden="true"><circle cx="22" cy="22" r="{{ round(OakGloss\Abrasion\Grit::MEAN_GRAIN_UM[$item->grit] / 425 * 21 + .6, 2) }}"/></svg>
                @endif
                <b>{{ $kind->value === 'papers' ? 'P'.$item->grit : $item->name }}</b>
                <span class="soft num">@switch($kind->value)
                    @case('resins') {{ $item->ratio_kind === 'weight' ? '100 : '.round($item->hardener_phr, 1).' by weight' : round($item->volume_resin, 1).' : '.round($item->volume_hardener, 1).' by volume' }} · bonds {{ $say->span($item->tack_from_age_min) }} to {{ $say->span($item->tack_until_age_min) }} at {{ round($item->reference_c) }} °C{{ $item->uv_stable ? ' · UV stable' : '' }} @break
                    @case('cloths') {{ round($item->areal_g_m2) }} g/m² · {{ round($item->width_mm) }} mm roll @break
                    @case('papers') {{ $item->sheets }} × {{ $item->form }} @break
                    @case('clears') {{ $item->sheen }} · {{ round($item->wet_um * $item->volume_solids) }} µm dry a coat{{ $item->isocyanate ? ' · isocyanate' : '' }} @break
                @endswitch</span>
                @if ($kind->value === 'resins')
                    @php($life = $lives[$item->id] ?? null)
                    @if ($life === null)<span class="soft">This sheet can't be reckoned with. Open it and type it anew.</span>@else
                    <svg viewBox="0 0 400 20" class="life" preserveAspectRatio="xMinYMid meet" role="img" aria-label="At {{ $say->celsius($airC) }}: bonds from {{ $say->span($life->opensMin) }} to {{ $say->span($life->closesMin) }}, sandable after {{ $say->span($life->sandableMin) }}">
                        <rect x="0" y="3" width="{{ $life->x($life->opensMin, 400) }}" height="14" class="wet-ground"/>
                        <rect x="{{ $life->x($life->opensMin, 400) }}" y="2" width="{{ $life->x($life->closesMin, 400) - $life->x($life->opensMin, 400) }}" height="16" class="bond"/>
                        <path d="M{{ $life->x($life->closesMin, 400) }} 3L{{ $life->x($life->sandableMin, 400) }} 9V11L{{ $life->x($life->closesMin, 400) }} 17Z" class="missed"/>
                    </svg>
                    <span class="soft num">now, at {{ $say->celsius($airC) }}: bonds {{ $say->span($life->opensMin) }} to {{ $say->span($life->closesMin) }}, sandable {{ $say->span($life->sandableMin) }}</span>
                    @endif
                @endif
            </a></li>
        @endforeach
        </ul>
    </section>
    @endforeach
</div>
</x-layouts.app>
