@inject('measures', 'App\Words\Measures')
@php([$pour, $next, $jar, $ratio] = [$cup->pour, $page->next, $page->jar($page->next), $cup->batch->ratio])
@php([$typed, $unit] = match (true) {
    $page->countsDrops() => ['drops', null], $ratio->isInCup() => ['ml', 'ml'], default => ['grams', 'g'],
})
@php($grams = $measures->field($unit, null))
<section class="card pour" aria-labelledby="pour-title" @if ($page->minutesCount()) data-until-over @endif>
    @if ($cup->isOverpoured() && ! $page->isBeyond())
        <p class="finding is-stop" role="alert">@say('weigh.overpoured', [
            'grams' => $format->mixed($pour->resinToAddG(), $ratio, 'resin'),
            'total' => $format->mixed($pour->totalG() + $pour->resinToAddG(), $ratio),
        ])
            @if ($page->isBetterBinned())@say('weigh.better_binned', ['fresh' => $format->mixed($cup->batch->totalG(), $ratio)])@endif</p>
    @elseif (! $page->isBeyond() && ($over = $page->resinOverG()))
        <p class="finding is-note" role="status">@say('weigh.ran_over', ['grams' => $format->mixed($over, $ratio, 'resin')])</p>
    @endif
    @if ($page->isBeyond())
        <p class="finding is-stop" role="alert">@say($page->isHardened() ? 'weigh.outside' : 'weigh.pour_back', [
            'over' => $format->mixed($page->farOverG(), $ratio),
        ])</p>
    @endif
    @if ($words = $page->offWords())<p class="finding {{ $words['class'] }}" role="alert">@say($words['key'], $words['args'])</p>@endif
    @if ($cup->isVolumesWeighed())<p class="finding is-stop" role="alert">@say('weigh.volumes_weighed', $page->ratio())</p>@endif
    @if ($over = $page->pigmentOver())<p class="finding is-stop" role="alert">@say('weigh.pigment_over', $over)</p>@endif
    @if ($page->isBeyond())
        @include('weigh.beyond')
    @else
    <div class="pour-to">
        <h1 id="pour-title"><small>{{ __('weigh.pour_to', ['jar' => $jar]) }}</small>
            <span class="num">{{ $page->countsDrops()
                ? __('weigh.n_drops', ['n' => $cup->dropsToAdd()]) : $format->mixed($page->markG(), $ratio, $next) }}</span></h1>
        <p class="num soft">{{ __('weigh.in_cup') }}<br><b>{{ $format->mixed($pour->totalG(), $ratio) }}</b>
            @if ($page->isThrough && $pour->totalG() > 0)
                <br>{{ __('weigh.adds', ['grams' => $format->grams($cup->toAdd()[$next])]) }}
            @endif</p>
    </div>
    @includeWhen($typed === 'grams', 'weigh.tare')
    <form method="post" action="{{ route('weigh.store', [$part, $page->key]) }}" class="pour-form"
        @if ($typed === 'grams') x-data="pour"
            data-unit-g="{{ OakGloss\Quantity\Unit::from($grams['unit'])->to(OakGloss\Quantity\Unit::Gram, 1.0) }}" @endif
        data-component="{{ $next }}" data-unit="{{ $grams['unit'] }}"
        data-resin="{{ $pour->resinG }}" data-hardener="{{ $pour->hardenerG }}" data-ratio="{{ $cup->batch->ratio->hardenerPerResin }}"
        data-shows="{{ $page->showsG() }}">
        @marks
        <input type="hidden" name="component" value="{{ $next }}">
        @if ($with)<input type="hidden" name="with" value="{{ $with }}">@endif
        <input type="hidden" name="measured[{{ $typed }}]" value="{{ $grams['sent'] }}">
        @if ($typed === 'grams')
            <input type="hidden" name="reads" value="{{ $page->isThrough ? 'through' : 'tared' }}">
        @endif
        <div @class(['field', 'is-wrong' => $errors->has('grams')])>
            @if ($page->countsDrops())<label for="grams">{{ __('weigh.drops_of') }}</label>
            @else<label for="grams">{{ __(match (true) {
                $typed === 'ml' => 'weigh.poured_ml_of', $page->isThrough => 'weigh.scale_shows', default => 'weigh.poured_of',
            }, ['jar' => ucfirst($jar)]) }}<span
                class="unit">{{ $grams['unit'] }}</span></label>@endif
            <input id="grams" class="num" name="{{ $typed }}" autocomplete="off" required value="{{ App\View\OldInput::of($typed) }}"
                @if ($page->countsDrops()) inputmode="numeric"
                @else inputmode="{{ $measures->isUs() ? 'text' : 'decimal' }}" @if ($typed === 'grams') x-on:input="typed" @endif @endif
                {{-- With a scale its figure is what is looked at, above. --}}
                @if ($pour->totalG() > 0 && $scale === null) autofocus @endif
                @if ($errors->has('grams')) aria-invalid="true" aria-describedby="grams-more" @endif>
            @error('ml')<p class="more"><strong>{{ $message }}</strong></p>@enderror
            @error('drops')<p class="more"><strong>{{ $message }}</strong></p>@enderror
            @error('grams')<p id="grams-more" class="more"><strong>{{ $message }}</strong></p>@enderror
        </div>
        <button @class(['btn', 'go' => $pour->totalG() > 0 && ! $page->isBeyond()])>{{ __('weigh.poured') }}</button>
        <p class="num preview" x-text="preview" aria-live="polite"></p>
    </form>
    <x-sure field="grams" />
    @if ($strokes = App\View\Page\PumpWords::of($cup, $format)?->still($next))
        <form method="post" action="{{ route('weigh.store', [$part, $page->key]) }}" class="pour-form">
            @marks
            <input type="hidden" name="component" value="{{ $next }}">
            @if ($with)<input type="hidden" name="with" value="{{ $with }}">@endif
            <div class="field">
                <label for="strokes">{{ __('weigh.strokes', ['jar' => $jar]) }}</label>
                <x-measured name="strokes" />
                <input id="strokes" class="num" name="strokes" inputmode="numeric" value="{{ $strokes }}" required></div>
            <button class="btn">{{ __('weigh.pumped') }}</button>
        </form>
    @endif
    @endif
    @if ($page->isNear())
        <x-act :part="$part" kind="coat_on" :step="$page->key"><button class="btn">{{ __('weigh.near_use') }}</button></x-act>
    @endif
    <p class="soft">{{ __('weigh.type') }}</p>
</section>
@if ($pour->totalG() <= 0 && ! $page->isBeyond())
    <form method="post" action="{{ route('weigh.store', [$part, $page->key]) }}" class="all-shown foot-bar"
        @if ($page->minutesCount()) data-until-over @endif>
        @marks
        <input type="hidden" name="component" value="all">
        @if ($with)<input type="hidden" name="with" value="{{ $with }}">@endif
        <button class="btn go wide-btn"><span>@say('weigh.as_shown', ['jars' => $page->toAdd()])</span></button>
    </form>
@endif
