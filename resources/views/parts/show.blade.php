{{-- What is next; then the days in the order of the work, with the skin beside them; then what may still be chosen. --}}
@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="$part->name">
@include('parts.head')
<div class="plan">
    <div class="plan-work">
        @includeWhen($call !== null, 'bench.now', ['to' => 'part'])
        @include('parts.notices', ['weights' => ['refuse']])
        <section class="card coats" aria-labelledby="coats-title">
            <div class="card-head">
                <h2 id="coats-title">{{ __($isInLayers ? 'parts.coats' : 'parts.day.title') }}</h2>
                <p class="links">
                    <a href="{{ route('parts.show', ['part' => $part] + ($isInLayers ? [] : ['as' => 'layers'])) }}">{{
                        __($isInLayers ? 'parts.as_days' : 'parts.as_layers') }}</a>
                    @can('change', $part)<a href="{{ route('parts.edit', $part) }}">{{ __('parts.change_brief') }}</a>@endcan
                </p>
            </div>
            @include($isInLayers ? 'parts.layers' : 'parts.days')
        </section>
    </div>
    <div class="plan-beside">
        @include('parts.figures')
        @includeWhen($groups !== [], $groups === null ? 'parts.pricing' : 'parts.helps')
        @includeWhen($part->is_trial, 'parts.trial')
        @if ($newHere['names'] !== [])
            <p class="finding is-note"><b>{{ __('parts.new_here') }}</b> {{ implode(', ', $newHere['names']) }}.
                <a href="{{ route('parts.create', ['trial' => 1, 'resin' => array_key_first($newHere['resins'])]) }}">{{
                    __('parts.trial_first') }}</a></p>
        @endif
        @include('parts.unproven')
        @include('parts.notices', ['weights' => ['warn', 'note']])
        @foreach ($laminates as $laminate)
            <section class="card"><x-drawing.laminate :drawing="$laminate" /></section>
        @endforeach
        @if ($sheet)
            <section class="card"><x-drawing.sheet-yield :drawing="App\View\Drawing\SheetDrawing::of($sheet)" /></section>
        @elseif ($hasSkin)
            <section class="card plan-skin"><x-drawing.section :drawing="$drawing" :part="$part" /></section>
        @endif
    </div>
    @if ($groups === null)<div id="choices"></div>@elseif ($groups !== [])@include('parts.choices')@endif
    @can('change', $part)@include('parts.state')@endcan
</div>
</x-layouts.app>
