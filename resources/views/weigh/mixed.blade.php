<section class="card mixed" aria-labelledby="mixed-title">
    @if ($cup->isVolumesWeighed())<p class="finding is-stop" role="alert">@say('weigh.volumes_weighed', $page->ratio())</p>@endif
    @if ($over = $page->pigmentOver())<p class="finding is-stop" role="alert">@say('weigh.pigment_over', $over)</p>@endif
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
                'grams' => $format->mixed($cup->gramsEach(), $cup->batch->ratio), 'c' => $format->celsius($cup->planned->floor->airNowC()),
                'span' => $format->span($cup->potLifeMin()),
            ]) }}</dd>
        </dl>
    </x-why>
    <x-act :part="$part" kind="coat_on" :step="$page->key">
        <button class="btn go wide-btn" data-key="c">{{ $format->label('coat_on') }}</button>
    </x-act>
    @foreach ($cup->with as $other)
        <x-act :part="$other->planned->part" kind="coat_on" :step="$other->step->step->key">
            <button class="btn wide-btn">{{ __('weigh.shared_on', ['part' => $other->planned->part->letter]) }}</button>
        </x-act>
    @endforeach
    <x-cautions :step="$cup->step->step" />
</section>
