@inject('say', 'App\Words\Say')
<x-layouts.app title="Shelf">
<div class="page shelf">
    <header class="page-head"><h1>Shelf</h1><p class="soft">Made-up examples; set your own sheets in their place.</p></header>
    @foreach (App\Shelf\ShelfKind::cases() as $kind)
    <section class="card" aria-labelledby="shelf-{{ $kind->value }}">
        <div class="card-head"><h2 id="shelf-{{ $kind->value }}">{{ ucfirst($kind->value) }}</h2><a class="btn quiet" href="{{ route('shelf.create', $kind->value) }}">Add a {{ $kind->singular() }}</a></div>
        <ul class="shelf-list shelf-{{ $kind->value }}">
        @foreach ($items[$kind->value] as $item)
            <li><a href="{{ route('shelf.edit', [$kind->value, $item->id]) }}">
                <b>{{ $kind->value === 'papers' ? 'P'.$item->grit : $item->name }}</b>
                <span class="soft num">@switch($kind->value)
                    @case('resins') {{ $item->ratio_kind === 'weight' ? '100 : '.round($item->hardener_phr, 1).' by weight' : round($item->volume_resin, 1).' : '.round($item->volume_hardener, 1).' by volume' }} · bonds {{ $say->span($item->tack_from_age_min) }} to {{ $say->span($item->tack_until_age_min) }} at {{ round($item->reference_c) }} °C{{ $item->uv_stable ? ' · UV stable' : '' }} @break
                    @case('cloths') {{ round($item->areal_g_m2) }} g/m² · {{ round($item->width_mm) }} mm roll @break
                    @case('papers') {{ $item->sheets }} × {{ $item->form }} @break
                    @case('clears') {{ $item->sheen }} · {{ round($item->wet_um * $item->volume_solids) }} µm dry a coat{{ $item->isocyanate ? ' · isocyanate' : '' }} @break
                @endswitch</span>
            </a></li>
        @endforeach
        </ul>
    </section>
    @endforeach
</div>
</x-layouts.app>
