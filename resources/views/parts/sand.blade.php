@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="__('sand.title', ['part' => $part->name])">
@include('parts.head')
<div class="page sand">
@php($due = array_values(array_filter($flats, fn ($flat) => $flat->isNow))[0] ?? null)
@if ($answer->worst || $answer->bare || $due)
    <x-answer :code="$answer->code" :what="$said['what']" :do="$said['do']"
        :figure="$answer->worst ? $format->um($answer->worst->left()->inMicrometres()) : null"
        :of="$answer->worst ? __('film.stays_on', ['zone' => $answer->worst->zone->name]) : null"
        :more="$answer->finerFrom ? __('sand.finer', ['grit' => $answer->finerFrom]) : null">
        @if ($answer->choice)
            <a class="btn go" href="{{ route('parts.film', $part) }}">{{ __('sand.one_more') }}</a>
        @elseif ($due)
            <x-step-acts :call="$planned" to="part" primary />
        @else
            @include('parts.on')
        @endif
    </x-answer>
@endif
@if ($stop = App\Inspection\WeaveReadings::stops($plan->log))
    <p class="notice is-stop" role="status">@say('inspect.weave_stop_on', [
        'zone' => $stop->content->zone, 'percent' => number_format(100 * $stop->content->telegraph, 1),
    ])</p>
@endif
@php($ahead = collect($flats)->search(fn ($flat) => ! $flat->step->isDone()))
@foreach ($flats as $n => $flat)
    @include('parts.ladder', ['step' => $flat->step, 'ladder' => $flat->ladder, 'opens' => $flat->isNext || $n === $ahead])
@endforeach
</div>
</x-layouts.app>
