@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="__('clear.title', ['part' => $part->name])">
@include('parts.head')
<div class="page clear">
    <x-answer :code="$answer->code" :what="$answer->what" :do="$answer->do" :figure="$answer->figure" :of="$answer->of">
        @if ($answer->isDue && $part->isOpen())
            <x-step-acts :call="$planned" to="part" primary />
        @else
            @include('parts.on')
        @endif
    </x-answer>
    <div class="clear-grid">
        <section class="card" aria-labelledby="top-title">
            <div class="card-head">
                <h2 id="top-title">{{ $isResin ? __('clear.polish_resin') : ($clear?->clear->name ?? __('clear.none_chosen')) }}</h2>
                <p class="soft">{{ implode(' · ', [
                    $format->word('finish', $part->finish), __($part->sun ? 'clear.in_sun' : 'clear.no_sun'),
                    __('clear.at', ['c' => $format->celsius($plan->shop->workingAirC)]),
                ]) }}</p>
            </div>
            @if ($clear)
                @include('parts.clear-now')
            @elseif ($isResin)
                <p>{{ $resinWords }}</p>
            @endif
            @if ($polish = $plan->polish())
                <h3>{{ __('clear.polish') }}</h3>
                <x-table :columns="__('clear.polish_columns')">
                    @foreach ($polish->steps as $rung)
                        <tr>
                            <th scope="row">{{ $format->word('compound', $rung['compound']->value) }}</th>
                            <td>{{ $rung['compound']->mostRpm() }} /min</td>
                            <td>{{ $format->measured($rung['cutUm'], 'µm', 2) }}</td>
                            <td>{{ $format->measured($rung['leftUm'], 'µm', 2) }}</td>
                            <td>{{ $format->span($rung['minutes']) }}</td>
                            <td>{{ round($rung['gloss']->gu) }}
                                <small>{{ __('clear.from_to', [
                                    'from' => round($rung['gloss']->leastGu), 'to' => round($rung['gloss']->mostGu),
                                ]) }}</small></td>
                        </tr>
                    @endforeach
                </x-table>
                <p class="cue">{{ __('clear.polish_cue') }} {{ __('cautions.defers') }}</p>
            @endif
            <x-why :what="__('clear.why_of')"><p>{{ __('clear.why', ['sag' => OakGloss\Plan\ClearPlan::SAG_LIMIT_MM]) }}</p></x-why>
        </section>
        @include('parts.gloss')
    </div>
    @includeWhen($thinned !== null, 'parts.thinner')
    <section class="card" aria-labelledby="choose-title">
        <h2 id="choose-title">{{ __('clear.other_tops') }}</h2>
        <div class="tops">
            <x-top :part="$part" field="top" value="polish_resin" :title="__('clear.resin_itself')" :is-taken="$isResin"
                :is-open="! $resinRefused && in_array('top', $open, true)" :figures="__('clear.no_coat', ['gu' => $resinGu])">
                {{ $resinRefused ?? __('clear.resin_needs') }}
            </x-top>
            @foreach ($clears as ['id' => $id, 'plan' => $other, 'isCurrent' => $isCurrent])
                <x-top :part="$part" field="clear_id" :value="$id" :title="$other->clear->name" :names="$other->clear->name"
                    :is-taken="$isCurrent"
                    :is-open="$canTop" :figures="implode(' · ', [
                        $format->count($other->coats, 'coat'),
                        $other->cans() ? $format->count($other->cans(), 'can') : $format->measured(1000 * $other->litres, 'ml', 0),
                        __('clear.stay', ['um' => round($other->remainsUm())]), round($other->gloss->gu).' GU',
                    ])">
                    {{ implode('; ', array_filter([
                        $format->word('clear_kind', $other->clear->kind->value),
                        __($other->polish ? 'clear.polish_after' : 'clear.handle_after', ['span' => $format->span($other->readyMin)]),
                        $other->sags() ? __('clear.sags_on', ['zone' => $other->steepest->name]) : null,
                        $other->guardsEnough() ? null : __('clear.too_thin_for_sun'),
                    ])) }}
                </x-top>
            @endforeach
        </div>
        @if ($others !== [])<p class="soft">{{ __('clear.other_sheen', ['names' => implode(', ', $others)]) }}</p>@endif
        @unless ($canTop)<p class="soft">{{ __('clear.settled') }}</p>@endunless
        @if ($fillers !== [] && ! $isResin)
            @php($isOpen = in_array('filler_id', $open, true))
            <h3>{{ __('clear.filler') }}</h3>
            <div class="tops">
                <x-top :part="$part" field="filler_id" value="" :title="__('clear.no_filler')" :names="__('clear.no_filler_name')"
                    :is-taken="$part->filler_id === null" :is-open="$isOpen">
                    {{ __('clear.straight') }}
                </x-top>
                @foreach ($fillers as ['id' => $id, 'plan' => $other, 'isCurrent' => $isCurrent])
                    <x-top :part="$part" field="filler_id" :value="$id" :title="$other->clear->name" :names="$other->clear->name"
                        :is-taken="$isCurrent"
                        :is-open="$isOpen" :figures="implode(' · ', [
                            $format->count($other->coats, 'coat'), $format->measured(1000 * $other->litres, 'ml', 0),
                            __('clear.flatted_off', ['dry' => round($other->dryUm), 'off' => round($other->flatTakesUm)]),
                        ])">
                        {{ __('clear.fills') }}{{ $other->clear->needsReleaseFilm ? ' '.__('clear.release_film') : '' }}
                    </x-top>
                @endforeach
            </div>
        @endif
    </section>
</div>
</x-layouts.app>
