<section class="card ready" aria-labelledby="ready-title">
    <h1 id="ready-title">{{ $format->label('ready') }}</h1>
    <p>{{ __('weigh.before') }}</p>
    @include('bench.mix-ahead', ['ahead' => $page->ahead, 'planned' => $cup->planned])
    @if ($cup->spread() === null)<p class="finding is-warn">@say('weigh.never_spread')</p>@endif
    <x-findings :of="$cup->planned->gates($cup->step)" />
    <p class="judged num"><b>{{ __('app.rooms.air') }}</b> {{ $page->airWords() }} <span class="soft">{{ $page->airFrom() }}</span></p>
    <x-act :part="$part" kind="ready" :step="$page->key">
        @include('bench.filters', ['shop' => $part->shop, 'step' => $cup->step->step])
        @if ($lacks !== null)
            <label class="tick big is-warn"><input type="checkbox" required>
                <span>{{ __('weigh.lacks', ['what' => $lacks]) }}</span></label>
        @endif
        @if ($cup->check()->wasWholeToday())
            <input type="hidden" name="short" value="1">
            <p>{{ __('weigh.new_since') }}</p>
            <ul class="since">@foreach ($page->checks() as $check)<li>{{ $check }}</li>@endforeach</ul>
            <x-cautions :step="$cup->step->step" />
            <button class="btn go wide-btn"
                @figure($part->id, $cup->step->step->key.'.grams', $cup->batch->totalG())
            >@say('weigh.ready', ['grams' => $format->mixed($cup->batch->totalG(), $cup->batch->ratio)])</button>
        @else
            @foreach ($page->checks() as $check)
                <label class="tick big"><input type="checkbox" required> <span>{{ $check }}</span></label>
            @endforeach
            <x-cautions :step="$cup->step->step" open />
            <button class="btn go wide-btn">@say('weigh.all_ready', [
                'grams' => $format->mixed($cup->batch->totalG(), $cup->batch->ratio),
            ])</button>
        @endif
    </x-act>
</section>
