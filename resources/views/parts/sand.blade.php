@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="__('sand.title', ['part' => $part->name])">
@include('parts.head')
<div class="page sand">
@if ($answer->worst || $answer->bare)
    <section @class(['card', 'answer-line', 'is-'.$answer->code]) aria-labelledby="answer-title">
        <div>
            <h2 id="answer-title">{{ $said['what'] }}</h2>
            <p>{{ $said['do'] }}@if ($answer->finerFrom) {{ __('sand.finer', ['grit' => $answer->finerFrom]) }}@endif</p>
        </div>
        @if ($answer->choice)<a class="btn" href="{{ route('parts.film', $part) }}">{{ __('sand.one_more') }}</a>@endif
    </section>
@endif
@if ($stop = App\Inspection\WeaveReadings::stops($plan->log))
    <p class="notice is-stop" role="status">@say('inspect.weave_stop_on', [
        'zone' => $stop->content->zone, 'percent' => number_format(100 * $stop->content->telegraph, 1),
    ])</p>
@endif
@foreach ($flats as $n => $flat)
    @include('parts.ladder', ['step' => $flat->step, 'ladder' => $flat->ladder])
@endforeach
</div>
</x-layouts.app>
