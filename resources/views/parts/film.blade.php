@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="__('film.title', ['part' => $part->name])">
@include('parts.head')
<div class="page film">
    <x-answer :code="$answer->code" :what="$said['what']" :do="$said['do']"
        :figure="$answer->worst ? $format->um($answer->worst->left()->inMicrometres()) : null"
        :of="$answer->worst ? __('film.stays_on', ['zone' => $answer->worst->zone->name]) : null"
        :more="$answer->finerFrom ? App\Words\Line::html('film.finer', [
            'url' => route('parts.sand', $part), 'grit' => $answer->finerFrom,
        ]) : null">
        @if ($more && Gate::allows('work', $part))
            <form method="post" action="{{ route('parts.choice', $part) }}">
                @marks @method('PUT')
                <input type="hidden" name="field" value="{{ $answer->choice }}">
                <button class="btn go" name="value" value="{{ $more }}">{{ __("film.more.{$answer->choice}", ['n' => $more]) }}</button>
            </form>
        @else
            @include('parts.on')
        @endif
    </x-answer>
    <div class="film-grid">
        @include('parts.film-now')
        @include('parts.film-read')
    </div>
    @include('parts.film-runs')
    @include('parts.film-approaches')
</div>
</x-layouts.app>
