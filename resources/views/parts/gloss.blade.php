<section class="card" aria-labelledby="gloss-title">
    <h2 id="gloss-title">{{ __('clear.gloss') }}</h2>
    @if ($gloss = $plan->gloss())
        <p class="num gloss-now" @figure($part->id, 'gloss', round($gloss->gu))>
            @say('clear.gloss_now', ['gu' => round($gloss->gu), 'from' => round($gloss->leastGu), 'to' => round($gloss->mostGu)])
        </p>
    @endif
    @if ($readings !== [])
        <x-table :columns="__('clear.gloss_columns')" class="gloss-readings">
            @foreach ($readings as $fact)
                <tr>
                    <td>{{ $format->date($fact->atMin) }}</td>
                    <td>{{ lcfirst($format->stepName($fact->step)) }}</td>
                    <td><b>{{ number_format($fact->content->gu, 1) }}</b>
                        <small>{{ __($fact->content->isByMeter() ? 'clear.by_meter' : 'clear.by_hand') }}</small></td>
                    <td>{{ $gloss ? __($gloss->holds($fact->content->gu) ? 'clear.within' : 'clear.outside', [
                        'off' => sprintf('%+.1f', $fact->content->gu - $gloss->gu),
                    ]) : '–' }}</td>
                </tr>
            @endforeach
        </x-table>
    @endif
    @can('work', $part)
        <form method="post" action="{{ route('gloss.store', $part) }}" novalidate>
            @marks
            <div class="row-fields">
                <x-field name="gu" :label="__('clear.display')" unit="GU" type="number" />
                <button class="btn" name="by" value="hand">{{ __('clear.keep_gloss') }}</button>
                @if ($hasMeter)<button class="btn" name="by" value="meter">{{ __('clear.read_meter') }}</button>@endif
            </div>
        </form>
        <x-sure field="gu" />
    @endcan
    <h3>{{ __('clear.under') }}</h3>
    <form method="post" action="{{ route('parts.choice', $part) }}">
        @marks @method('PUT')
        <input type="hidden" name="field" value="stripes">
        <fieldset class="stripe-pick" @disabled($isResin || ! in_array('stripes', $open, true))>
            <legend>{{ __('clear.stripes') }}</legend>
            @foreach (range(0, 4) as $n)
                @php($isOn = $plan->brief->choices->of(OakGloss\Method\Choice\Stripes::class) === $n)
                <button name="value" value="{{ $n }}" @class(['btn', 'is-on' => $isOn]) aria-pressed="{{ $isOn ? 'true' : 'false' }}"
                    >{{ $n === 0 ? __('clear.no_stripes') : $n }}</button>
            @endforeach
        </fieldset>
    </form>
    <p class="soft">{{ __('clear.stripes_how') }}</p>
</section>
