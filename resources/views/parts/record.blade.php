@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="'Record of '.$part->name">
@include('parts.head')
<div class="page record">
    <section class="card">
        <div class="card-head"><h2>What was done</h2><button type="button" class="btn" data-print>Print</button></div>
        <p class="soft">{{ $part->shop->name }}, {{ $part->shop->town }} · {{ $format->area($plan->brief->coatedAreaM2()) }} · {{ $plan->materials->cloth->name }} · {{ $plan->materials->clearResin->name }}@if ($plan->materials->clear) · {{ $plan->materials->clear->name }}@endif</p>
        @if ($facts->isEmpty())<p>Nothing yet. The first act at the bench begins the record.</p>@else
        <table class="num record-table"><thead><tr><th scope="col">When</th><th scope="col">What</th><th scope="col">Air</th><th scope="col">By</th><th scope="col" class="no-print"><span class="visually-hidden">Strike out</span></th></tr></thead><tbody>
        @foreach ($facts as $fact)
            @php($step = $plan->step($fact->step))
            @php($strike = $struck[$fact->id] ?? null)
            <tr @class(['is-struck' => $strike])>
                <td>{{ $format->date(App\Time\ShopTime::minutes($fact->happened_at)) }}@if ($fact->recorded_at->diffInMinutes($fact->happened_at, true) > 2)<small>kept {{ $format->when(App\Time\ShopTime::minutes($fact->recorded_at)) }}</small>@endif</td>
                <td>
                    @if ($fact->kind === 'chosen') {{ $format->word('choice', $fact->step) }}: {{ $format->record($fact->content()) }}
                    @else
                        <b>{{ $step ? $format->step($step->step) : $fact->step }}</b>
                        {{ $format->record($fact->content()) }}
                    @endif
                    @if ($strike)<small>struck out {{ $format->when(App\Time\ShopTime::minutes($strike->happened_at)) }} by {{ $strike->user->initials }}@if ($strike->content()->reason): {{ $strike->content()->reason }}@endif</small>@endif
                </td>
                <td>{{ $fact->air_c === null ? '–' : $format->celsius($fact->air_c) }}</td><td>{{ $fact->user->initials }}</td>
                <td class="no-print">@if (! $strike && $fact->kind !== 'chosen')
                    <details class="fold"><summary class="btn quiet">Strike out<span class="visually-hidden"> this line</span></summary>
                        <form method="post" action="{{ route('facts.strike', [$part, $fact]) }}" class="others">@marks<label for="reason-{{ $fact->id }}">Reason, if it helps later</label><input id="reason-{{ $fact->id }}" name="reason" maxlength="200"><button class="btn">Strike out</button></form>
                    </details>@endif</td>
            </tr>
        @endforeach
        </tbody></table>
        @endif
    </section>
    <section class="card">
        <h2>What is on it</h2>
        <table class="num"><thead><tr><th scope="col">Coat</th><th scope="col">On</th><th scope="col">Air</th><th scope="col">Mixed</th><th scope="col">On the part</th></tr></thead><tbody>
        @foreach ($plan->steps as $step)@if ($step->step->layer && $step->isDone() && ! $step->skipped)
            <tr><th scope="row">{{ $format->step($step->step) }}</th><td>{{ $format->date($step->doneAtMin) }}</td><td>{{ $format->celsius($step->airC) }}</td><td>{{ $step->usedG ? $format->grams($step->usedG) : 'not weighed, '.$format->grams($step->batch->totalG()).' planned' }}</td><td>{{ round($step->laidGM2) }} g/m²</td></tr>
        @endif @endforeach
        </tbody></table>
    </section>
</div>
</x-layouts.app>
