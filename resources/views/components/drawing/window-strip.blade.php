@props(['strip', 'lane' => null])
@inject('format', 'App\Words\Formatter')
@if ($lane)
<div class="strip strip-lane"><x-drawing.strip-lanes :strip="$lane" id="lane" />
    <a href="#strip">{{ __('strip.whole') }}</a></div>
@endif
<section id="strip" @class(['strip', 'strip-whole', 'is-alone' => $lane === null]) aria-label="{{ __('strip.title') }}">
    <div class="strip-scroll" tabindex="0" role="group" aria-label="{{ __('strip.scroll') }}">
    <x-drawing.strip-lanes :strip="$strip" />
    </div>
    @if ($strip->lanes !== [])
    <details class="as-table"><summary>{{ __('app.as_table') }}</summary>
        <x-table :columns="__('strip.columns')" :scroll="__('strip.drawing')">
        @foreach ($strip->lanes as $lane)
            @php([$part, $next] = [$lane['part']->part, $lane['part']->next])
            <tr>
                <th scope="row">{{ $part->letter }} {{ $part->name }}</th>
                <td>{{ $format->step($next->step->step) }}</td>
                <td>{{ $format->when($next->window?->opens->expectedMin ?? $next->ready?->expectedMin) }}</td>
                <td>{{ $format->when($next->window?->closes->expectedMin) }}</td>
                <td>{{ $next->window ? $format->sure($next->window) : '–' }}</td>
                <td>{{ $format->when($next->keyFromMin) }}</td>
                <td>{{ $lane['cup'] ? $format->when($lane['cup']['useBy']) : '–' }}</td>
            </tr>
        @endforeach
        </x-table>
    </details>
    @endif
</section>
