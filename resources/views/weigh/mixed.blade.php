<section class="card mixed" aria-labelledby="mixed-title">
    <h1 id="mixed-title">{{ __('weigh.mix') }}</h1>
    <p>{{ __('weigh.mix_how') }}</p>
    <p class="label">{{ __('weigh.use_by') }}</p>
    <p class="huge num">{{ $format->when($cup->useByMin()) }}</p>
    <p class="num mid" data-until="{{ (int) round($cup->useByMin() * 60) }}" data-prefix="in "
        >{{ __('weigh.in', ['span' => $format->span($cup->useByMin() - $page->nowMin)]) }}</p>
    <x-why :what="__('weigh.use_by')">
        <dl>
            <dt>{{ __('weigh.sheet') }}</dt>
            <dd>{{ __('weigh.sheet_pot', $page->sheetPot()) }}</dd>
            <dt>{{ __('weigh.this_cup') }}</dt>
            <dd>{{ __('weigh.this_pot', [
                'grams' => $format->grams($cup->gramsEach()), 'c' => $format->celsius($cup->planned->floor->airNowC()),
                'span' => $format->span($cup->potLifeMin()),
            ]) }}</dd>
        </dl>
    </x-why>
    <x-act :part="$part" kind="coat_on" :step="$page->key">
        <button class="btn go wide-btn" data-key="c">{{ $format->label('coat_on') }}</button>
    </x-act>
    <x-cautions :step="$cup->step->step" />
</section>
