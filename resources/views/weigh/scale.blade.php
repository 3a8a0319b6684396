{{-- The scale under the cup. Nothing here is needed: what is typed counts as ever. --}}
@php($slow = App\View\Page\ScalePage::at($scale, $scale->mark->slowFromG()))
@php($mark = App\View\Page\ScalePage::at($scale, $scale->mark->grams))
@php($over = App\View\Page\ScalePage::at($scale, $scale->mark->overFromG()))
<section class="card scale" aria-labelledby="scale-title" data-scale="{{ route('weigh.scale', [$part, $page->key]) }}">
    <h2 id="scale-title" class="label">{{ __('weigh.scale.title', ['jar' => $page->jar($page->next)]) }}</h2>
    <p class="scale-figure num"><b data-scale-grams>–</b>
        <small>@say('weigh.scale.of', ['grams' => $format->grams($page->showsG() + $scale->mark->grams)])</small></p>
    <svg viewBox="0 0 100 12" preserveAspectRatio="none" class="pour-bar" aria-hidden="true">
        <rect width="100" height="12" class="jar-ground"/>
        <rect x="{{ $slow }}" width="{{ $mark - $slow }}" height="12" class="pour-slow"/>
        <rect x="{{ $over }}" width="{{ 100 - $over }}" height="12" class="pour-over"/>
        <rect y="3" width="0" height="6" class="jar-fill" data-scale-fill/>
        <rect x="{{ $mark - 0.25 }}" width="0.5" height="12" class="pour-mark"/>
    </svg>
    <p class="scale-says" data-scale-says role="status"
        >{{ __($scale->isBegun ? 'weigh.scale.says.settling' : 'weigh.scale.says.begin') }}</p>
    <div class="acts">
        <form method="post" action="{{ route('weigh.store', [$part, $page->key]) }}" data-scale-take>
            @marks
            <input type="hidden" name="component" value="{{ $page->next }}">
            <input type="hidden" name="by" value="scale">
            <button class="btn" disabled>{{ __('weigh.scale.keep') }}</button>
        </form>
        <form method="post" action="{{ route('weigh.from_here', [$part, $page->key]) }}">
            @marks
            <button @class(['btn', 'go' => ! $scale->isBegun])>{{ __('weigh.scale.from_here') }}</button>
        </form>
    </div>
    @if ($standIn = $part->shop->standInScale())
        <p><a href="{{ $standIn }}" target="_blank" rel="noopener">{{ __('weigh.scale.stand_in') }}</a></p>
    @endif
    @error('scale')<p class="finding is-stop" role="alert">{{ $message }}</p>@enderror
    <x-why :what="__('weigh.scale.what')"><p>{{ __('weigh.scale.why', [
        'grams' => $format->grams($scale->mark->slowFromG()), 'over' => $format->grams($scale->mark->overFromG()),
    ]) }}</p></x-why>
</section>
