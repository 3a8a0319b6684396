{{-- One bill, line by line: of a page and of paper alike. --}}
@foreach (OakGloss\Cost\CostKind::cases() as $of)
    @continue($bill->of($of) === [])
    <tbody>
        <tr class="group"><th scope="rowgroup" colspan="4">{{ __("money.groups.{$of->value}") }}</th></tr>
        @foreach ($bill->of($of) as $line)
            <tr>
                <th scope="row">{{ $line->name }}@if ($line->isRescue) <span class="soft">{{ __('money.rescue') }}</span>@endif</th>
                <td class="amount">{{ $page->quantity($line) }}</td>
                <td class="amount soft">{{ $page->price($line) }}</td>
                <td class="amount">{{ $page->money->amount($line->minor()) }}</td>
            </tr>
        @endforeach
    </tbody>
@endforeach
<tbody class="sums">
    @php($sums = $bill->sums)
    @foreach (array_filter([
        'waste' => $sums->wasteMinor, 'cost' => $sums->costMinor, 'margin' => $sums->marginMinor, 'net' => $sums->netMinor,
        'tax' => $sums->taxMinor, 'total' => $sums->totalMinor,
    ], fn ($minor, $of) => $minor !== 0 || in_array($of, ['cost', 'total'], true), ARRAY_FILTER_USE_BOTH) as $of => $minor)
        <tr @class(['is-sum' => in_array($of, ['cost', 'net', 'total'], true)])>
            <th scope="row" colspan="3">{{ __("money.sums.{$of}", ['percent' => (float) ($bill->{$of} ?? 0)]) }}</th>
            <td class="amount">{{ $of === 'total' ? $page->say($minor) : $page->money->amount($minor) }}</td>
        </tr>
    @endforeach
</tbody>
