<tr>
    <td class="num">{{ $i + 1 }}</td>
    <th scope="row">{{ $row['name'] }}</th>
    <td>{{ $format->word('zone', $row['kind']) }}</td>
    <td>{{ $row['slope_deg'] }}</td>
    <td>{{ $row['length_mm'] }}</td>
    <td>{{ $row['area_cm2'] }}</td>
    <td>{{ $row['radius_mm'] ?? '–' }}</td>
    <td>{{ $format->word('visibility', $row['visibility']) }}</td>
    <td>{{ ($row['above'] ?? '') ?: __('zones.nothing') }}</td>
</tr>
