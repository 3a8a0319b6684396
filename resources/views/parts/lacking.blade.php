@php($sentFor = $planned->plan->brief->choices->of(OakGloss\Method\Choice\SentPrice::class))
<section class="card" aria-labelledby="lacking-title">
    <h2 id="lacking-title">{{ __('money.lacking.title') }}</h2>
    <x-table :columns="__('money.lacking.columns')" :scroll="__('money.lacking.title')" class="num">
        @foreach ($lacking as $tool)
            <tr>
                <th scope="row">{{ Str::ucfirst(__("choose.tools.{$tool->tool->value}")) }}</th>
                <td>{{ $format->step($tool->step->step) }}</td>
                <td>@if (in_array($tool->tool, OakGloss\Choosing\Tool::forIsocyanate(), true)){{ __('money.lacking.not') }}
                    @elseif ($tool->borrowed === null){{ __('money.lacking.no_hire') }}
                    @else{{ trans_choice('money.lacking.borrowed', $tool->days, ['sum' => $page->say($tool->borrowed)]) }}@endif</td>
                <td>{{ $tool->sentOut === null ? '–' : __($sentFor > 0 ? 'money.lacking.sent' : 'money.lacking.sent_unpriced', [
                    'net' => $page->say($tool->sentOut['netMinor']), 'at' => $format->date($tool->sentOut['readyMin']),
                ]) }}</td>
            </tr>
        @endforeach
    </x-table>
    @if ($planned->plan->clear !== null)<p>@say('money.lacking.or', ['url' => route('parts.clear', $part)])</p>@endif
    <p class="soft">{{ __('money.lacking.why') }}</p>
</section>
