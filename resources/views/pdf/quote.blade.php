@php($page = new App\View\Page\MoneyPage($quote->part->shop, $bill, null, $quote, $format))
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ __("money.one.{$quote->kind}", ['n' => $quote->number]) }}</title>
<style>
@page { margin: 22mm 18mm 24mm; }
body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.5pt; color: #24221e; }
h1 { font-size: 17pt; margin: 0 0 2mm; } h2 { font-size: 11pt; margin: 6mm 0 1mm; }
.shop { color: #625d54; } .head { width: 100%; margin-bottom: 6mm; } .head td { vertical-align: top; } .right, .amount { text-align: right; }
table.bill { width: 100%; border-collapse: collapse; } .bill th, .bill td { padding: 1.3mm 1mm; font-weight: normal; text-align: left; }
.bill td.amount, .bill th.amount { text-align: right; white-space: nowrap; } .bill tr { border-bottom: 0.2mm solid #d9d3c5; }
.bill .group th { font-weight: bold; padding-top: 4mm; } .is-sum th, .is-sum td { font-weight: bold; } .soft { color: #625d54; font-size: 8pt; }
.footer { position: fixed; bottom: -14mm; left: 0; right: 0; color: #625d54; font-size: 8pt; border-top: 0.3mm solid #d9d3c5; padding-top: 2mm; }
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
        <p>{{ $format->date(App\Time\ShopTime::minutes($quote->made_at)) }}
        @if ($quote->valid_until)<br>{{ __('money.valid_until', ['at' => $quote->valid_until->format('j M Y')]) }}@endif</p></td>
</tr></table>
<table class="bill">
    <thead><tr>@foreach (__('money.columns') as $i => $name)<th @class(['amount' => $i > 0])><b>{{ $name }}</b></th>@endforeach</tr></thead>
    @include('parts.bill', ['page' => $page])
</table>
<h2>{{ __('money.pdf.assumptions') }}</h2>
<p>{{ __($quote->isQuote() ? 'money.why_planned' : 'money.why_actual') }}</p>
@if ($money->excluded !== '')<h2>{{ __('money.pdf.excluded') }}</h2><p>{!! nl2br(e($money->excluded)) !!}</p>@endif
@if ($money->terms !== '')<h2>{{ __('money.pdf.terms') }}</h2><p>{!! nl2br(e($money->terms)) !!}</p>@endif
</body>
</html>
