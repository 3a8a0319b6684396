<fieldset class="card"><legend>{{ __('app.rooms.bench') }}</legend>
    <div class="grid-3">
        <x-field name="cup_loss_g" :label="__('shop.cup_loss')" :unit="__('shop.cup_loss_unit')" type="number" :value="$shop->cup_loss_g" />
        <x-field name="scale_step_g" :label="__('shop.scale_step')" unit="g" type="number" :value="$shop->scale_step_g" />
        <x-field name="part_scale_step_g" :label="__('shop.part_scale_step')" unit="g" type="number" :value="$shop->part_scale_step_g" />
        <x-field name="calliper_step_mm" :label="__('shop.calliper_step')" unit="mm" type="number" :value="$shop->calliper_step_mm" />
        <div class="field">
            <span id="ranges">{{ __('shop.ranges') }}</span>
            <input type="hidden" name="device_ranges" value="">
            @foreach (__('shop.range') as $range => $where)
                <label class="check"><input type="checkbox" name="device_ranges[]" value="{{ $range }}"
                    @checked(in_array($range, $shop->device_ranges, true))> {{ $where }}</label>
            @endforeach
            <p class="more">{{ __('shop.no_range') }}</p>
        </div>
        <x-field name="scale_url" :label="__('shop.scale')" type="url" :value="$shop->scale_url" />
        <x-field name="meter_url" :label="__('shop.meter')" type="url" :value="$shop->meter_url" />
        <x-field name="unrest_min" :label="__('shop.unrest')" unit="min" type="number" :value="$shop->unrest_min"
            :hint="__('shop.unrest_why')" />
        <x-field name="target_percent" :label="__('shop.target')" :unit="__('shop.target_unit')" type="number"
            :value="round(100 * $shop->target_burn_through, 3)" />
        <x-field name="wipe_holds_min" :label="__('shop.wipe_holds')" unit="min" type="number" :value="$shop->wipe_holds_min" />
        @foreach (App\Models\FilterKind::cases() as $filter)
            <x-field :name="'filter_hours['.$filter->value.']'" :label="__('shop.filters.'.$filter->value)" unit="h" type="number"
                :value="App\Bench\Filters::hours($shop, $filter)" :hint="__('shop.filter_why')" />
        @endforeach
        <x-field name="lead_days" :label="__('shop.lead_days')" :unit="__('money.days')" type="number" :value="$shop->lead_days"
            :hint="__('shop.lead_days_why')" />
        <x-field name="leak_mbar" :label="__('shop.leak')" :unit="__('shop.leak_unit')" type="number" :value="$shop->leak_mbar" />
        <x-pick name="print_through" :label="__('shop.print_through')" :hint="__('shop.print_through_why')" :value="$shop->print_through"
            :choices="$format->choices('print_through', OakGloss\Method\PrintThrough::cases())" />
    </div>
    @if (! $floor->workshop->losses->isEmpty())
        <h3>{{ __('shop.losses') }}</h3>
        <x-table :columns="__('shop.loss_columns')" :scroll="__('shop.losses')">
            @foreach (OakGloss\Mixing\Spreader::cases() as $tool)
                @foreach ([30.0, 100.0, 300.0] as $cup)
                    @php($loss = $floor->workshop->cupLoss(null, $cup, $tool))
                    @continue($loss->measured === 0)
                    <tr><th scope="row">{{ __("facts.cup_left.tool_{$tool->value}") }}</th><td>{{ $format->grams($cup) }}</td>
                        <td>{{ $format->grams($loss->grams) }}</td>
                        <td>{{ __('shop.loss_between', [
                            'least' => $format->grams($loss->least()), 'most' => $format->grams($loss->most()),
                        ]) }}</td>
                        <td>{{ $loss->measured }}</td></tr>
                @endforeach
            @endforeach
        </x-table>
        <x-why :what="__('shop.losses')"><p>{{ __('shop.losses_why') }}</p></x-why>
    @endif
</fieldset>
