<section class="card weigh-stock" aria-labelledby="stock-title">
    <h2 id="stock-title">{{ __('stock.weigh.title') }}</h2>
    <ul class="plain-list num">
        @foreach ($stock->jars() as $jar)
            <li>@say($jar['lot'], $jar['args'])@if ($jar['isOld']) <span class="is-over">{{ __('stock.weigh.old') }}</span>@endif
                <span class="soft">{{ __('stock.weigh.open', ['all' => $jar['needs']]) }}</span>
                @if ($jar['short'])<span class="is-over">{{ __('stock.weigh.short', ['missing' => $jar['short']]) }}</span>@endif</li>
        @endforeach
    </ul>
    <x-sheet-files :planned="$cup->planned" :step="$cup->step" />
</section>
