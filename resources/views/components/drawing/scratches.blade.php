@props(['profile', 'n'])
@inject('format', 'App\Words\Formatter')
@use('App\View\Drawing\ScratchProfile')
@php($limit = ['over' => $format->word('over', $profile->next), 'um' => number_format($profile->limitUm, 1)])
<figure class="scratches">
    <svg viewBox="0 0 {{ ScratchProfile::WIDTH }} {{ ScratchProfile::HEIGHT }}" role="img" aria-labelledby="scratch-{{ $n }}-title">
        <title id="scratch-{{ $n }}-title">{{ __('sand.scratches', ['depths' => $profile->depths()] + $limit) }}</title>
        @foreach ($profile->strips as $strip)
            <path d="{{ $strip['path'] }}" class="scratch"/>
            <text x="{{ $strip['x'] }}" y="12" class="axis">{{ $strip['label'] }}</text>
            <text x="{{ $strip['x'] + $strip['width'] }}" y="{{ ScratchProfile::HEIGHT - 3 }}" text-anchor="end" class="axis"
                >{{ $format->measured($strip['depthUm'], 'µm', 1) }}</text>
        @endforeach
        <path d="M4 {{ $profile->limitY }}H{{ ScratchProfile::WIDTH - 4 }}" class="plane-line"/>
    </svg>
    <figcaption class="soft">{{ __($profile->suits ? 'sand.scratch_key' : 'sand.scratch_key_coarse', $limit) }}</figcaption>
</figure>
