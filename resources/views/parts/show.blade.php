@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="$part->name">
@include('parts.head')
<div class="plan">
    <div class="plan-left">
        @foreach ($laminates as $laminate)
            <section class="card"><x-drawing.laminate :drawing="$laminate" /></section>
        @endforeach
        @if ($sheet)
            <section class="card"><x-drawing.sheet-yield :drawing="App\View\Drawing\SheetDrawing::of($sheet)" /></section>
        @elseif ($hasSkin)
            <section class="card"><x-drawing.section :drawing="$drawing" :part="$part" /></section>
        @endif
        @if ($findings !== [])
            <section class="card" aria-labelledby="mind-title"><h2 id="mind-title">{{ __('parts.mind') }}</h2><x-findings :of="$findings"
                /></section>
        @endif
        @include('parts.choices')
    </div>
    <section class="card coats" aria-labelledby="coats-title">
        <div class="card-head">
            <h2 id="coats-title">{{ __('parts.coats') }}</h2>
            @can('change', $part)<a href="{{ route('parts.edit', $part) }}">{{ __('parts.change_brief') }}</a>@endcan
        </div>
        @if ($planned->next && $part->isOpen())
            <div class="coat-acts">
                <p>
                    <b class="num">{{ __('parts.next', ['step' => $format->step($planned->next->step->step)]) }}</b>
                    <span class="soft">{{ $format->state($planned->next, $planned->floor->nowMin) }}</span>
                </p>
                @php($who = App\Planning\WhoHasIt::of($planned))
                @includeWhen($who !== null, 'bench.who', ['to' => 'part'])
                <x-step-acts :call="$planned" to="part" primary />
                @includeWhen($who === null, 'bench.who', ['to' => 'part'])
            </div>
        @endif
        @foreach (array_reverse($stages) as $stage)
            <h3 class="stage num">{{ $format->word('stage', $stage['stage']) }}
                <span class="soft">{{ __('parts.stage_done', ['n' => $stage['done'], 'of' => count($stage['rows'])]) }}</span></h3>
            <ol class="coat-list" reversed start="{{ $stage['last'] }}">
                @foreach (array_reverse($stage['rows']) as $row)
                    @include('parts.coat-row', ['step' => $row->step])
                @endforeach
            </ol>
        @endforeach
        @can('change', $part)@include('parts.state')@endcan
    </section>
</div>
</x-layouts.app>
