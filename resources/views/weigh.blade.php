@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('weigh.title')" body-class="weighing">
<div class="weigh" id="weigh">
    <header class="weigh-head">
        <a class="btn quiet" href="{{ route('bench') }}">{{ __('app.rooms.bench') }}</a>
        <p><x-tag :part="$part" /> <b>{{ $format->step($cup->step->step) }}</b> <span class="soft">{{ $part->name }}</span></p>
    </header>
    @if (App\Planning\WhoHasIt::of($cup->planned))@include('bench.who', ['planned' => $cup->planned, 'to' => 'part'])@endif
    @include('parts.unproven', ['only' => $cup->step->step->layer?->slot])
    @include('bench.stopped', ['stops' => OakGloss\Plan\DefectState::stopping($cup->planned->plan, $cup->step->step->kind)])
    @if ($page->isTooLate)
        @include('weigh.late')
    @else
        @include('weigh.window')
        @if (! $cup->check()->isMade())
            @include('weigh.ready')
        @else
            @includeWhen($scale !== null, 'weigh.scale')
            @include($page->next === null ? 'weigh.mixed' : 'weigh.pour')
            @include('weigh.cup')
            @include('weigh.stock')
            @include('weigh.curve')
            @includeWhen($cup->isBegun(), 'weigh.wrong')
        @endif
    @endif
</div>
</x-layouts.app>
