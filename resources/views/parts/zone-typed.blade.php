@php($at = fn (string $field): string => "zones[{$i}][{$field}]")
@php($bad = fn (string $field): bool => $errors->has("zones.{$i}.{$field}"))
<tr>
    <td class="num">{{ $i + 1 }}</td>
    <td><input aria-label="{{ __('zones.label.name', ['n' => $i + 1]) }}" name="{{ $at('name') }}" value="{{ $row['name'] ?? '' }}"
        maxlength="40"
        @if ($bad('name')) aria-invalid="true" @endif></td>
    <td><select aria-label="{{ __('zones.label.kind', ['n' => $i + 1]) }}" name="{{ $at('kind') }}">
        @foreach (OakGloss\Geometry\ZoneKind::cases() as $kind)
            <option value="{{ $kind->value }}"
                @selected(($row['kind'] ?? '') === $kind->value)>{{ $format->word('zone', $kind->value) }}</option>
        @endforeach
    </select></td>
    @foreach (['slope_deg', 'length_mm', 'area_cm2', 'radius_mm'] as $field)
        <td><x-measured :name="$at($field)" :value="$row[$field] ?? null" />
            <input aria-label="{{ __("zones.label.{$field}", ['n' => $i + 1]) }}" name="{{ $at($field) }}" inputmode="decimal"
            value="{{ $row[$field] ?? '' }}" class="short" @if ($bad($field)) aria-invalid="true" @endif></td>
    @endforeach
    <td><select aria-label="{{ __('zones.label.visibility', ['n' => $i + 1]) }}" name="{{ $at('visibility') }}">
        @foreach (OakGloss\Geometry\Visibility::cases() as $seen)
            <option value="{{ $seen->value }}"
                @selected(($row['visibility'] ?? '') === $seen->value)>{{ $format->word('visibility', $seen->value) }}</option>
        @endforeach
    </select></td>
    <td><input aria-label="{{ __('zones.label.above', ['n' => $i + 1]) }}" name="{{ $at('above') }}" value="{{ $row['above'] ?? '' }}"
        maxlength="60"
        class="short" placeholder="{{ __('zones.nothing') }}" @if ($bad('above')) aria-invalid="true" @endif></td>
</tr>
@foreach ($errors->get("zones.{$i}.*") as $messages)
    <tr><td colspan="9" class="more"><strong>{{ $messages[0] }}</strong></td></tr>
@endforeach
