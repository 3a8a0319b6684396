@use('App\View\OldInput')
@use('App\Time\DaySpans')
<fieldset class="card"><legend>{{ __('shop.week') }}</legend>
    <p class="soft">{{ __('shop.week_how') }}</p>
    <x-table :columns="__('shop.week_columns')" :scroll="__('shop.week_scroll')" class="week">
        @foreach (__('shop.days') as $d => $day)
            <tr>
                <th scope="row">{{ $day }}</th>
                @foreach ([[0, 0], [0, 1], [1, 0], [1, 1]] as [$i, $j])
                    @php($name = "hours.{$d}.{$i}.{$j}")
                    <td><input inputmode="numeric" maxlength="5" class="short"
                        aria-label="{{ __($j ? 'shop.span_until' : 'shop.span_from', ['day' => $day, 'n' => $i + 1]) }}"
                        name="hours[{{ $d }}][{{ $i }}][{{ $j }}]" @if ($errors->has($name)) aria-invalid="true" @endif
                        value="{{ OldInput::of($name, isset($week[$d][$i]) ? DaySpans::clock($week[$d][$i][$j]) : '') }}"></td>
                @endforeach
                @foreach (__('shop.curve') as $field => $label)
                    @php($name = "air.{$d}.{$field}")
                    <td>@if (! str_ends_with($field, '_at'))
                        <x-measured :name="$name" unit="°C" :value="$shop->day_curves[$d][$field] ?? null" />@endif
                        <input inputmode="{{ str_ends_with($field, '_at') ? 'numeric' : 'decimal' }}" class="short"
                        aria-label="{{ $day }}, {{ $label }}" name="air[{{ $d }}][{{ $field }}]"
                        value="{{ OldInput::of($name, $shop->day_curves[$d][$field] ?? '') }}"
                            @if ($errors->has($name)) aria-invalid="true" @endif></td>
                @endforeach
            </tr>
            @foreach ([...$errors->get("hours.{$d}.*"), ...$errors->get("air.{$d}.*")] as $messages)
                <tr><td colspan="9" class="more"><strong>{{ $day }}: {{ $messages[0] }}</strong></td></tr>
            @endforeach
        @endforeach
    </x-table>
</fieldset>
