<section class="card" aria-labelledby="patch-title">
    <div class="card-head">
        <h2 id="patch-title">{{ __('practice.lamp', ['zone' => $zone]) }}</h2>
        <nav class="zone-pick" aria-label="{{ __('practice.zone') }}">
            @foreach (App\View\Page\PracticeRoom::ZONES as $name)
                <a href="{{ route('practice.show', [$run, 'zone' => $name]) }}" @class(['on' => $name === $zone])
                    @if ($name === $zone) aria-current="true" @endif>{{ $name }}</a>
            @endforeach
        </nav>
    </div>
    @php($bare = $play->part->burntShare($zone))
    <canvas class="patch" width="560" height="250" data-patch="{{ json_encode($patch) }}" role="img"
        aria-label="{{ __('practice.lamp_drawing', [
        'zone' => $zone, 'gloss' => round($patch->gloss), 'relief' => number_format($patch->textureUm, 1),
        'scratch' => number_format($patch->scratchUm, 1), 'bare' => $format->percent($bare),
    ]) }}"></canvas>
    <dl class="num patch-figures">
        <div><dt>{{ __('practice.gloss') }}</dt><dd>{{ round($patch->gloss) }} GU</dd></div>
        <div><dt>{{ __('practice.relief') }}</dt><dd>{{ $format->measured($patch->textureUm, 'µm', 1) }}</dd></div>
        <div>
            <dt>{{ __('practice.scratch') }}</dt>
            <dd>{{ $patch->scratchUm > 0 ? number_format($patch->scratchUm, 1).' µm' : __('practice.none') }}</dd>
        </div>
        <div><dt>{{ __('practice.bare') }}</dt><dd>{{ $bare > 0 ? $format->percent($bare) : __('practice.none') }}</dd></div>
        <div><dt>{{ __('practice.dust') }}</dt><dd>{{ __("practice.dusty.{$room->dust($patch)}") }}</dd></div>
    </dl>
</section>
