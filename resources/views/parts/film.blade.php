@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="__('film.title', ['part' => $part->name])">
@include('parts.head')
<div class="page film">
    <section @class(['card', 'answer-line', 'is-'.$answer->code]) aria-labelledby="answer-title">
        <div>
            <h2 id="answer-title">{{ $said['what'] }}</h2>
            <p>{{ $said['do'] }}@if ($answer->finerFrom) @say('film.finer', [
                'url' => route('parts.sand', $part), 'grit' => $answer->finerFrom,
            ])@endif</p>
        </div>
        @if ($more)
            @can('work', $part)
                <form method="post" action="{{ route('parts.choice', $part) }}">
                    @marks @method('PUT')
                    <input type="hidden" name="field" value="{{ $answer->choice }}">
                    <button class="btn go" name="value" value="{{ $more }}">{{ __("film.more.{$answer->choice}", ['n' => $more]) }}</button>
                </form>
            @endcan
        @endif
    </section>
    <div class="film-grid">
        @include('parts.film-now')
        @include('parts.film-read')
    </div>
    @include('parts.film-runs')
    @include('parts.film-approaches')
</div>
</x-layouts.app>
