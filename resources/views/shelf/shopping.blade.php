@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('stock.shopping.title')">
<div class="page shelf shopping">
    <header class="page-head"><h1>{{ __('stock.shopping.title') }}</h1>
        <p class="no-print">
            <a class="btn quiet" href="{{ route('shelf') }}">{{ __('shelf.back') }}</a>
            <button type="button" class="btn quiet" data-print>{{ __('stock.shopping.print') }}</button>
            <a class="btn quiet" href="{{ route('shelf.shopping.csv') }}">{{ __('stock.shopping.csv') }}</a>
        </p>
    </header>
    @if ($bySupplier === [])<p class="card calm">{{ __('stock.shopping.nothing') }}</p>@endif
    @foreach ($bySupplier as $supplier => $lines)
        <section class="card">
            <h2>{{ $supplier === '' ? __('stock.shopping.no_supplier') : $supplier }}</h2>
            <x-table :columns="[__('stock.shopping.order'), __('stock.shopping.by'), __('stock.shopping.what'),
                __('stock.shopping.missing'), __('stock.shopping.packs'), __('stock.shopping.price')]"
                :scroll="$supplier ?: __('stock.shopping.no_supplier')">
                @foreach ($lines as $line)
                    <tr @class(['is-missed' => $line->toBuy->isCounted && $line->toBuy->byMin !== null])>
                        <td @class(['is-over' => $line->isLate()])>{{ $line->orderBy() }}
                            <small class="below">{{ trans_choice('stock.shopping.lead', $line->toBuy->leadDays) }}</small></td>
                        <td>{{ $line->by() }}</td>
                        <th scope="row">{{ $line->name }} <span class="soft">{{ $line->jar() }}</span>
                            @unless ($line->toBuy->isCounted)<small class="below">{{
                                __('stock.shopping.not_counted') }}</small>@endunless</th>
                        <td>{{ $line->missing() }}</td>
                        <td>{{ $line->packs() }}</td>
                        <td class="amount">{{ $line->priceMinor() === null ? '–' : $money->say($line->priceMinor()) }}</td>
                    </tr>
                @endforeach
                @php($sum = array_sum(array_map(fn ($l) => (int) $l->priceMinor(), $lines)))
                @if ($sum > 0)
                    <tr class="is-sum"><td></td><td></td><th scope="row" colspan="3">{{ __('stock.shopping.sum') }}</th>
                        <td class="amount">{{ $money->say($sum) }}</td></tr>
                @endif
            </x-table>
        </section>
    @endforeach
    <x-why :what="__('stock.shopping.title')"><p>{{ __('stock.shopping.why') }}</p></x-why>
</div>
</x-layouts.app>
