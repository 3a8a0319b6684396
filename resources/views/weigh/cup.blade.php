@php([$heat, $ratio] = [$cup->heat(), $cup->batch->ratio])
<section class="weigh-total card">
    @if ($cup->with !== [])<p class="finding is-note">@say('weigh.shared', ['with' => $page->sharedWith()])</p>@endif
    @foreach ($partners as $partner)
        <p class="shared"><a class="btn"
            href="{{ route('weigh', [$part, $page->key, 'with' => App\Bench\SharedCups::name($partner)]) }}">@say(
            'weigh.share', ['part' => $partner->planned->part->letter.' '.$partner->planned->part->name,
                'grams' => $format->mixed($cup->sharedWith($partner)->batch->totalG(), $ratio)],
        )</a></p>
    @endforeach
    <p class="label">{{ __('weigh.in_cup') }}</p>
    <p class="huge num" @figure($part->id, $cup->step->step->key.'.grams', $cup->batch->totalG())>@say('weigh.grams_of', [
        'grams' => $format->mixed($cup->pour->totalG(), $ratio), 'of' => $format->mixed($cup->batch->totalG(), $ratio),
    ])</p>
    @if ($cup->cups() > 1)
        <p class="finding is-warn">@say('weigh.cups', [
            'n' => $cup->cups(), 'grams' => $format->mixed($cup->batch->totalG() / $cup->cups(), $ratio),
            'most' => $format->mixed($cup->resin->potMassG, $ratio),
        ])</p>
    @endif
    <div @class(['cup-heat', 'num', 'finding is-warn' => $heat->isHot(), 'is-stop' => $heat->isDangerous()])>
        @say($page->heatKey($heat), ['peak' => round($heat->peakInsulatedC)])
        {{ __($heat->potLifeMin === null ? 'weigh.heat.never_gels' : 'weigh.heat.gels', [
            'span' => $format->span((float) $heat->potLifeMin), 'peak' => round($heat->peakC),
        ]) }}
        <x-why :what="__('weigh.heat.of')">
            <p>{{ __('weigh.heat.why', $page->sheetPot() + ['peak' => round($heat->peakInsulatedC)]) }}</p>
        </x-why>
    </div>
    @if ($cup->mixedAtMin() === null)@include('bench.mix-ahead', ['ahead' => $page->ahead, 'planned' => $cup->planned])@endif
    <ol class="jars">
        @foreach ($page->jars() as $jar)
            <li @class(['jar', 'is-next' => $jar['isNext'], 'is-in' => $jar['isIn']])>
                <span class="jar-name">{{ $jar['name'] }}</span>
                <svg viewBox="0 0 100 12" preserveAspectRatio="none" class="jar-bar" aria-hidden="true">
                    <rect width="100" height="12" class="jar-ground"/><rect width="{{ $jar['percent'] }}" height="12"
                        class="jar-fill"/></svg>
                <span class="num">@say('weigh.grams_of', [
                    'grams' => $format->mixed($jar['in'], $ratio, $jar['jar']), 'of' => $format->mixed($jar['mark'], $ratio, $jar['jar']),
                ])</span>
            </li>
        @endforeach
    </ol>
    @if ($pump = App\View\Page\PumpWords::of($cup, $format))<p class="num blend">@say($pump->key(), $pump->says())</p>@endif
    @if ($blend = $page->blend())<p class="num blend">@say('weigh.blend', ['parts' => $blend])</p>@endif
    @if ($drops = $page->drops())
        <p class="num blend">@say('weigh.drops', $drops)
            @if ($cup->cups() > 1)
                {{ __('weigh.drops_each', ['n' => $cup->cups(), 'drops' => round($drops['drops'] / $cup->cups())]) }}
            @endif</p>
    @endif
    <p class="ratio num" id="ratio">@say($page->ratioKey(), $page->ratio())</p>
</section>
