<section class="card measure" aria-labelledby="measure-title">
    <h2 id="measure-title">{{ __('film.read') }}</h2>
    <form method="post" action="{{ route('film.store', $part) }}" novalidate>
        @marks
        <input type="hidden" name="kind" value="part_weighed">
        <h3>{{ __('film.weigh') }}</h3>
        <p>
            @say('film.resolves', [
                'step' => $plan->shop->partScaleStepG, 'area' => $format->area($plan->brief->coatedAreaM2()),
                'um' => number_format($resolvesUm, 1),
            ])
            @if ($answer->hasBudget())
                @say($answer->limitG < $answer->toGoG ? 'film.to_go_stop' : 'film.to_go', [
                    'to_go' => number_format($answer->toGoG, 1), 'limit' => number_format($answer->limitG, 1),
                ])
            @endif
            @if ($lastWeighed) @say('film.last', ['g' => number_format($lastWeighed, $plan->shop->partScaleStepG < 1 ? 1 : 0)])@endif
        </p>
        <div class="row-fields">
            <x-field name="part_g" :label="__('film.weighs')" unit="g" type="number" />
            <button class="btn">{{ __('film.keep_weight') }}</button>
        </div>
    </form>
    <form method="post" action="{{ route('film.store', $part) }}" novalidate>
        @marks
        <input type="hidden" name="kind" value="measured">
        <h3>{{ __('film.thickness_of') }}</h3>
        <p class="soft">{{ __('film.thickness_what', ['ply' => $format->um($plan->materials->cloth->weave->thicknessUm())]) }}</p>
        <div class="row-fields">
            <x-pick name="way" :label="__('film.way')" :choices="__('film.ways')" value="slug" />
            <x-pick name="zone" :label="__('film.zone')" :choices="array_combine($zones, $zones)" :value="$zones[0] ?? ''" />
            <x-field name="um" :label="__('film.thickness')" type="number" />
            <x-pick name="unit" :label="__('film.unit')" :choices="['um' => 'µm', 'mm' => 'mm']" value="um" />
            <x-field name="n" :label="__('film.mean_of')" :unit="__('film.readings')" type="number" :value="1" />
            <button class="btn">{{ __('film.keep_thickness') }}</button>
        </div>
    </form>
    <p class="soft">@say('film.with_the_pass', ['url' => route('parts.sand', $part)])</p>
</section>
