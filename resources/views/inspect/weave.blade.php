@php($readings = $page->readings())
@php($drawn = $page->weavePhoto())
<section class="card weave" id="weave" aria-labelledby="weave-head">
    <div class="card-head">
        <h2 id="weave-head">{{ __('inspect.weave') }}</h2>
        <p class="soft">{{ __('inspect.weave_what') }}</p>
    </div>
    @if ($stop = $page->weaveStops())
        <p class="finding is-stop">@say('inspect.weave_stop_on', [
            'zone' => $stop->content->zone, 'percent' => number_format(100 * $stop->content->telegraph, 1),
        ])</p>
    @endif
    <div class="inspect-grid">
        <div>
            @if ($readings !== [])
                <x-table :columns="__('inspect.weave_columns')" :scroll="__('inspect.weave')">
                    @foreach ($readings as ['fact' => $fact, 'against' => $against])
                        <tr>
                            <th scope="row">{{ $fact->content->zone }}, {{ $format->when($fact->atMin) }}</th>
                            <td>{{ number_format(100 * $fact->content->telegraph, 2) }} %
                                <small>± {{ number_format(200 * $fact->content->doubt, 2) }}</small></td>
                            <td>@if ($fact->content->isBound){{ __('inspect.bound') }} @endif{{
                                number_format(100 * $fact->content->haze, 2) }} %</td>
                            <td>{{ number_format(100 * $fact->content->dotsShare, 2) }} %</td>
                            <td>{{ __("inspect.compare.{$against}") }}</td>
                        </tr>
                    @endforeach
                </x-table>
            @endif
            @can('work', $part)
                <form method="post" action="{{ route('weave.read', $part) }}" enctype="multipart/form-data" novalidate>
                    @marks
                    <div class="row-fields">
                        <x-pick name="weave_zone" :label="__('inspect.form.zone')" :choices="$page->zones()" />
                        <x-field name="pitch" :label="__('inspect.weave_pitch')" unit="mm" type="number" :value="$page->pitchMm()" />
                        <x-field name="scale" :label="__('inspect.weave_scale')" unit="mm" type="number"
                            :hint="__('inspect.weave_scale_hint')" />
                    </div>
                    @foreach (['weave_photo', 'weave_other'] as $field)
                        <x-field :name="$field" :label="__('inspect.'.$field)" type="file" accept="image/jpeg,image/png,image/webp"
                            capture="environment"
                            data-shrink-pixels="{{ App\Files\PhotoFile::MOST_PIXELS }}" data-quality="0.98"
                            data-most="{{ 1024 * App\Files\PhotoFile::MOST_KILOBYTES }}" data-large="{{ __('inspect.photo.large') }}"
                            :hint="__('inspect.weave_hint')" />
                    @endforeach
                    <button class="btn go">{{ __('inspect.weave_read') }}</button>
                </form>
            @endcan
            <x-why :what="__('inspect.weave')"><p>{{ __('inspect.weave_how') }}</p></x-why>
        </div>
        @if ($drawn)
            @php([$w, $h] = [$drawn->photo->width, $drawn->photo->height])
            <svg viewBox="0 0 {{ $w }} {{ $h }}" role="img" aria-labelledby="weave-title weave-desc" class="weave-photo">
                <title id="weave-title">{{ __('inspect.weave_drawing') }}</title>
                <desc id="weave-desc">{{ __('inspect.weave_drawing_text') }}</desc>
                <image href="{{ route('photos.show', $drawn->photo) }}" width="{{ $w }}" height="{{ $h }}"/>
                @foreach ($drawn->threads() as $path)<path d="{{ $path }}" class="thread"/>@endforeach
                @foreach ($drawn->dots() as $dot)
                    <circle cx="{{ $dot['x'] }}" cy="{{ $dot['y'] }}" r="{{ $dot['r'] }}" class="found-dot"/>
                @endforeach
            </svg>
        @endif
    </div>
</section>
