<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ __("money.one.{$quote->kind}", ['n' => $quote->number]) }}</title>
<style>
@page { margin: 22mm 18mm 24mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.5pt; color: #24221e; }
h1 { font-size: 17pt; margin: 0 0 2mm; }
h2 { font-size: 11pt; margin: 6mm 0 1mm; }
.shop { color: #625d54; }
.head { width: 100%; margin-bottom: 6mm; }
.head td { vertical-align: top; }
.right, .amount { text-align: right; }
table.bill { width: 100%; border-collapse: collapse; }
.bill th, .bill td { padding: 1.3mm 1mm; font-weight: normal; text-align: left; }
.bill td.amount, .bill th.amount { text-align: right; white-space: nowrap; }
.bill tr { border-bottom: 0.2mm solid #d9d3c5; }
.bill .group th { font-weight: bold; padding-top: 4mm; }
.is-sum th, .is-sum td { font-weight: bold; }
.total td, .total th { font-size: 12pt; padding-top: 3mm; }
.bill .soft { display: block; }
.soft { color: #625d54; font-size: 8pt; }
.footer { position: fixed; bottom: -14mm; left: 0; right: 0; color: #625d54; font-size: 8pt;
    border-top: 0.3mm solid #d9d3c5; padding-top: 2mm; }
p { margin: 0 0 2mm; }
</style>
</head>
<body>
<div class="footer">{{ $money->footer ?: $quote->part->shop->name.', '.$quote->part->shop->town }}</div>
<table class="head"><tr>
    <td><h1>{{ __("money.one.{$quote->kind}", ['n' => $quote->number]) }}</h1>
        <p>{{ $quote->part->letter }} · {{ $quote->part->name }}</p>
        @if ($customer)<p>{{ __('money.pdf.for', ['name' => $customer->name]) }}</p>@endif</td>
    <td class="right shop"><p><b>{{ $quote->part->shop->name }}</b><br>{{ $quote->part->shop->town }}</p>
        <p>{{ $format->time()->local(App\Time\ShopTime::minutes($quote->made_at))->format('j M Y') }}
        @if ($quote->valid_until)<br>{{ __('money.valid_until', ['at' => $quote->valid_until->format('j M Y')]) }}@endif</p></td>
</tr></table>
<table class="bill">
    <thead><tr><th><b>{{ __('money.columns')[0] }}</b></th><th class="amount"><b>{{ __('money.columns')[3] }}</b></th></tr></thead>
    <tbody>
    @foreach ($bill->asked() as $kind => $minor)
        <tr><th>{{ __("money.groups.{$kind}") }}
            @if ($kind === 'hands')<span class="soft">{{ $format->span($bill->handsMin()) }}</span>@endif
            @if ($kind === 'material')<span class="soft">{{ implode(', ', array_unique(array_map(
                fn ($line) => Str::before($line->name, ', '),
                $bill->of(OakGloss\Cost\CostKind::Material),
            ))) }}</span>@endif</th>
            <td class="amount">{{ $money->amount($minor) }}</td></tr>
    @endforeach
    @foreach (array_filter(['net' => $bill->sums->netMinor, 'tax' => $bill->sums->taxMinor]) as $of => $minor)
        <tr @class(['is-sum' => $of === 'net'])><th>{{ __("money.sums.{$of}", ['percent' => $bill->tax]) }}</th>
            <td class="amount">{{ $money->amount($minor) }}</td></tr>
    @endforeach
    <tr class="is-sum total"><th>{{ __('money.sums.total') }}</th><td class="amount">{{ $money->say($bill->sums->totalMinor) }}</td></tr>
    </tbody>
</table>
<h2>{{ __('money.pdf.assumptions') }}</h2>
<p>{{ __("money.pdf.{$quote->kind}") }}</p>
@if ($madeUp = App\Shelf\Unproven::of($quote->part)->madeUp)
    <p>{{ __('shelf.unproven.quoted', ['names' => implode(', ', array_map(fn ($item): string => $item->name, $madeUp))]) }}</p>
@endif
@if ($money->excluded !== '')<h2>{{ __('money.pdf.excluded') }}</h2><p>{!! nl2br(e($money->excluded)) !!}</p>@endif
@if ($money->terms !== '')<h2>{{ __('money.pdf.terms') }}</h2><p>{!! nl2br(e($money->terms)) !!}</p>@endif
</body>
</html>
