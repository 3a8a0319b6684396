@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="__('record.title', ['part' => $part->name])">
@include('parts.head')
<div class="page record">
    <section class="card">
        <div class="card-head">
            <h2>{{ __('record.done') }}</h2>
            <button type="button" class="btn" data-print>{{ __('record.print') }}</button>
        </div>
        <p class="soft">{{ implode(' · ', array_filter([
            "{$part->shop->name}, {$part->shop->town}", $format->area($plan->brief->coatedAreaM2()), $plan->materials->cloth->name,
            $plan->materials->skinResin->name, $plan->materials->clear?->name,
        ])) }}</p>
        @if ($lines === [])
            <p>{{ __('record.nothing') }}</p>
        @else
            <table class="num record-table">
                <thead>
                    <tr>
                        <th scope="col">{{ __('record.when') }}</th><th scope="col">{{ __('record.what') }}</th><th
                            scope="col">{{ __('record.air') }}</th>
                        <th scope="col">{{ __('record.by') }}</th>
                        <th scope="col" class="no-print"><span class="visually-hidden">{{ __('record.strike') }}</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($lines as $line)@include('parts.record-line')@endforeach
                </tbody>
            </table>
        @endif
    </section>
    <section class="card">
        <h2>{{ __('record.on_it') }}</h2>
        <table class="num">
            <thead>
                <tr>@foreach (__('record.coat') as $name)<th scope="col">{{ $name }}</th>@endforeach</tr>
            </thead>
            <tbody>
            @foreach ($coats as $step)
                <tr>
                    <th scope="row">{{ $format->step($step->step) }}</th>
                    <td>{{ $format->date($step->doneAtMin) }}</td>
                    <td>{{ $format->celsius($step->airC) }}</td>
                    <td>{{ $step->usedG
                        ? $format->mixed($step->usedG, $step->batch->ratio ?? null)
                        : __('record.not_weighed', ['grams' => $format->mixed($step->batch->totalG(), $step->batch->ratio)]) }}</td>
                    <td>{{ $format->weight($step->laidGM2) }}</td>
                </tr>
            @endforeach
            </tbody>
        </table>
    </section>
</div>
</x-layouts.app>
