@inject('format', 'App\Words\Formatter')
@php($part = $planned->part)
<x-layouts.app :title="__('dispatch.title', ['part' => $part->name])">
@include('parts.head')
<div class="page record">
    <section class="card" aria-labelledby="dispatch-title">
        <div class="card-head">
            <h2 id="dispatch-title">{{ __("dispatch.work.{$sheet->work()->value}", [
                'letter' => $part->letter, 'part' => $part->name,
            ]) }}</h2>
            <button type="button" class="btn" data-print>{{ __('record.print') }}</button>
        </div>
        <p class="soft">{{ implode(', ', [$part->shop->name, $part->shop->town]) }}</p>
        <table class="num">
            <caption class="visually-hidden">{{ __('dispatch.caption') }}</caption>
            <tbody>
                @foreach ($sheet->lines() as $name => $said)
                    <tr><th scope="row">{{ __("dispatch.line.{$name}") }}</th><td>{{ $said }}</td></tr>
                @endforeach
            </tbody>
        </table>
        <p>{{ __('dispatch.defer') }}</p>
    </section>
    <section class="card" aria-labelledby="back-title">
        <h2 id="back-title">{{ __('dispatch.when_back') }}</h2>
        <ul>@foreach (__("dispatch.look.{$sheet->work()->value}") as $look)<li>{{ $look }} ____________</li>@endforeach</ul>
        <p class="soft no-print">{{ __('dispatch.log_it') }}</p>
    </section>
</div>
</x-layouts.app>
