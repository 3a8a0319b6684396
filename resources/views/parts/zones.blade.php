@inject('format', 'App\Words\Formatter')
@php($area = $unit === 'in' ? 'in²' : 'cm²')
<div id="zones" @if ($oob ?? false) hx-swap-oob="true" @endif>
    <input type="hidden" name="zones_typed" value="{{ $typed ? 1 : 0 }}">
    @error('zones')<p class="more"><strong>{{ $message }}</strong></p>@enderror
    @if ($rows === [])<p class="soft">The zones follow from the sizes above.</p>@else
    <div class="table-scroll" tabindex="0" role="group" aria-label="Zones; scroll sideways">
    <table class="zones num"><thead><tr><th scope="col">No.</th><th scope="col">Zone</th><th scope="col">Kind</th><th scope="col">Slope °</th><th scope="col">Length {{ $unit }}</th><th scope="col">Area {{ $area }}</th><th scope="col">Radius {{ $unit }}</th><th scope="col">Seen</th><th scope="col">Fed by no., from the top</th></tr></thead><tbody>
    @foreach ($rows as $i => $row)
        @if ($typed)
            @php($bad = fn (string $f): bool => $errors->has("zones.{$i}.{$f}"))
            <tr>
                <td class="num">{{ $i + 1 }}</td>
                <td><input aria-label="Name of zone {{ $i + 1 }}" name="zones[{{ $i }}][name]" value="{{ $row['name'] ?? '' }}" maxlength="40" @if ($bad('name')) aria-invalid="true" @endif></td>
                <td><select aria-label="Kind of zone {{ $i + 1 }}" name="zones[{{ $i }}][kind]">@foreach (OakGloss\Geometry\ZoneKind::cases() as $kind)<option value="{{ $kind->value }}" @selected(($row['kind'] ?? '') === $kind->value)>{{ $format->word('zone', $kind->value) }}</option>@endforeach</select></td>
                @foreach (['slope_deg' => 'Slope', 'length_mm' => 'Length', 'area_cm2' => 'Area', 'radius_mm' => 'Radius'] as $f => $label)
                    <td><input aria-label="{{ $label }} of zone {{ $i + 1 }}" name="zones[{{ $i }}][{{ $f }}]" inputmode="decimal" value="{{ $row[$f] ?? '' }}" class="short" @if ($bad($f)) aria-invalid="true" @endif></td>
                @endforeach
                <td><select aria-label="How zone {{ $i + 1 }} is seen" name="zones[{{ $i }}][visibility]">@foreach (OakGloss\Geometry\Visibility::cases() as $seen)<option value="{{ $seen->value }}" @selected(($row['visibility'] ?? '') === $seen->value)>{{ $format->word('visibility', $seen->value) }}</option>@endforeach</select></td>
                <td><input aria-label="What feeds zone {{ $i + 1 }}" name="zones[{{ $i }}][above]" value="{{ $row['above'] ?? '' }}" maxlength="60" class="short" placeholder="nothing" @if ($bad('above')) aria-invalid="true" @endif></td>
            </tr>
            @foreach ($errors->get("zones.{$i}.*") as $messages)<tr><td colspan="9" class="more"><strong>{{ $messages[0] }}</strong></td></tr>@endforeach
        @else
            <tr><td class="num">{{ $i + 1 }}</td><th scope="row">{{ $row['name'] }}</th><td>{{ $format->word('zone', $row['kind']) }}</td><td>{{ $row['slope_deg'] }}</td><td>{{ $row['length_mm'] }}</td><td>{{ $row['area_cm2'] }}</td><td>{{ $row['radius_mm'] ?? '–' }}</td><td>{{ $format->word('visibility', $row['visibility']) }}</td><td>{{ ($row['above'] ?? '') ?: 'nothing' }}</td></tr>
        @endif
    @endforeach
    </tbody></table>
    </div>
    @endif
    <p class="zone-acts">
        @if ($typed)
            <button type="button" class="btn quiet" name="zones_add" hx-post="{{ route('parts.answer') }}" hx-include="closest form" hx-sync="this:drop" hx-target="#answer" hx-swap="outerHTML">Add a zone</button>
            @if (($shape ?? '') !== 'faces')<button type="button" class="btn quiet" name="zones_from_shape" data-zones-typed="0" hx-post="{{ route('parts.answer') }}" hx-include="closest form" hx-target="#answer" hx-swap="outerHTML">Back to the shape's zones</button>@endif
        @elseif ($rows !== [])
            <button type="button" class="btn quiet" name="zones_edit" data-zones-typed="1" hx-post="{{ route('parts.answer') }}" hx-include="closest form" hx-target="#answer" hx-swap="outerHTML">Edit the zones</button>
        @endif
    </p>
</div>
