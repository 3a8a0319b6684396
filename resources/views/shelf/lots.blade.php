@php($money = auth()->user()->shop->money())
@php([$jars, $seesMoney] = [$kind->jars($item), auth()->user()->can('run', App\Models\Shop::class)])
<section class="card lots" aria-labelledby="lots-title">
    <h2 id="lots-title">{{ __('stock.lots') }}</h2>
    @foreach ($stock['rows'] as $row)@include('shelf.stock-row')@endforeach
    @if ($stock['lots'] === [])
        <p class="soft">{{ __('stock.none') }}</p>
    @else
        <x-table :columns="array_values(Arr::only(__('stock.columns'), ['mark', 'left', 'use_by', 'opened', 'price', 'from', 'act']))"
            :scroll="__('stock.lots')">
            @foreach ($stock['lots'] as $lot)
                <tr @class(['is-out' => $lot->left <= 0])>
                    <th scope="row">{{ $lot->mark }}@if ($lot->jar) <span class="soft">{{ __("stock.jars.{$lot->jar}") }}</span>@endif
                        @if ($lot->width_mm)<small>{{ __('stock.wide', ['mm' => round($lot->width_mm)]) }}
                            {{ $lot->direction ? __("stock.directions.{$lot->direction}") : '' }}</small>@endif</th>
                    <td>{{ $format->stock($lot->left, $kind::UNIT) }}
                        <small>{{ __('stock.columns.of') }} {{ $format->stock($lot->quantity, $kind::UNIT) }}</small></td>
                    <td @class(['is-over' => $lot->use_by?->endOfDay()->isBefore($now)])>{{ $lot->use_by?->format('j M Y') ?? '–' }}
                        @if ($lot->storage_c !== null)<small>{{ __('stock.columns.store') }}
                            {{ $format->celsius($lot->storage_c) }}</small>@endif
                    </td>
                    <td>{{ $lot->opened_at ? $lot->opened_at->format('j M') : __('stock.sealed') }}</td>
                    <td class="amount">{{ $lot->price_minor === null || ! $seesMoney ? '–' : $money->say($lot->price_minor) }}</td>
                    <td>{{ $lot->supplier ?: '–' }}</td>
                    <td>@if ($lot->left > 0 || $lot->quantity > 0)
                        <details class="fold"><summary class="btn quiet">{{ __('stock.columns.act') }}</summary>
                            <form method="post" action="{{ route('lots.change', $lot) }}" class="row-fields">
                                @marks
                                <div class="field"><label for="what-{{ $lot->id }}">{{ __('stock.of_lot', ['mark' => $lot->mark]) }}</label>
                                    <select id="what-{{ $lot->id }}" name="what">
                                        @foreach (__('stock.what') as $what => $word)
                                            @continue($what === 'cut' && $lot->width_mm === null)
                                            <option value="{{ $what }}">{{ $word }}</option>
                                        @endforeach
                                    </select></div>
                                <div class="field"><label for="quantity-{{ $lot->id }}">{{ __('stock.quantity') }}<span
                                    class="unit">{{ $kind::UNIT }}</span></label>
                                    <x-measured name="quantity" :unit="$kind::UNIT" />
                                    <input id="quantity-{{ $lot->id }}" name="quantity" inputmode="decimal" required></div>
                                @if ($lot->width_mm !== null)
                                    <div class="field"><label for="width-{{ $lot->id }}">{{ __('stock.cut_width') }}<span
                                        class="unit">mm</span></label>
                                        <x-measured name="width_mm" unit="mm" />
                                        <input id="width-{{ $lot->id }}" name="width_mm" inputmode="decimal"></div>
                                    <div class="field"><label for="direction-{{ $lot->id }}">{{ __('stock.cut_direction') }}</label>
                                        <select id="direction-{{ $lot->id }}" name="direction">
                                            @foreach (__('stock.directions') as $way => $word)<option
                                                value="{{ $way }}">{{ $word }}</option>@endforeach
                                        </select></div>
                                @endif
                                <div class="field"><label for="note-{{ $lot->id }}">{{ __('stock.note') }}</label>
                                    <input id="note-{{ $lot->id }}" name="note" maxlength="200"></div>
                                <button class="btn">{{ __('stock.do') }}</button>
                            </form>
                        </details>@endif</td>
                </tr>
            @endforeach
        </x-table>
    @endif
    @foreach (['quantity', 'width_mm'] as $wrong)
        @if ($errors->has($wrong) && old('what'))<p class="finding is-stop" role="alert">{{ $errors->first($wrong) }}</p>@endif
    @endforeach
    <details class="fold" @if ($errors->any() && old('mark') !== null) open @endif>
        <summary class="btn">{{ __('stock.take_in') }}</summary>
        <form method="post" action="{{ route('lots.store', [$kind::NAME, $item->id]) }}" novalidate>
            @marks
            <div class="grid-3">
                @if ($jars === [''])<input type="hidden" name="jar" value="">
                @else<x-pick name="jar" :label="__('stock.fields.jar')"
                    :choices="array_combine($jars, array_map(fn ($j) => __('stock.jars.'.$j), $jars))" />@endif
                <x-field name="mark" :label="__('stock.fields.mark')" :hint="__('stock.mark_hint')" maxlength="40" />
                <x-field name="quantity" :label="__('stock.fields.quantity')" :unit="$kind::UNIT" type="number" />
                <x-field name="price" :label="__('stock.fields.price')" :unit="$money->currency" type="number" />
                <x-field name="supplier" :label="__('stock.fields.supplier')" maxlength="60" />
                <x-field name="lead_days" :label="__('stock.fields.lead_days')" :unit="__('money.days')" type="number" />
                <x-field name="use_by" :label="__('stock.fields.use_by')" type="date" />
                <x-field name="storage_c" :label="__('stock.fields.storage_c')" unit="°C" type="number" />
                @if ($kind::UNIT === 'm')
                    <x-field name="width_mm" :label="__('stock.fields.width_mm')" unit="mm" type="number" :value="$item->width_mm" />
                @endif
            </div>
            <p class="form-foot"><button class="btn go">{{ __('stock.take_in_do') }}</button></p>
        </form>
    </details>
    @if ($stock['moves'] !== [])
        <details class="fold"><summary class="btn quiet">{{ __('stock.moves') }}</summary>
            <x-table :columns="array_values(__('stock.move_columns'))" :scroll="__('stock.moves')">
                @foreach ($stock['moves'] as $move)
                    <tr><td>{{ $format->when(App\Time\ShopTime::minutes($move->happened_at)) }}</td>
                        <td>{{ $move->lot?->mark ?? __('stock.no_lot') }} <span class="soft">{{ $move->jar }}</span></td>
                        <td>{{ __('stock.move.'.$move->why->value) }}</td>
                        <td>{{ ($move->quantity < 0 ? '−' : '+').$format->stock(abs($move->quantity), $kind::UNIT) }}</td>
                        <td>{{ $move->part?->letter ?? $move->note }}</td><td>{{ $move->user?->initials }}</td></tr>
                @endforeach
            </x-table>
        </details>
    @endif
</section>
