@props(['finding', 'answer' => null])
@inject('sentences', 'App\Words\Sentences')
@php($said = $sentences->finding($finding))
<li class="finding is-{{ $finding->severity->value }}">
    <b>{{ __("app.severity.{$finding->severity->value}") }}</b> {{ $said['what'] }} <span>{{ $said['tip'] }}</span>
    @if ($answer)<a class="answer" href="{{ $answer['url'] }}">{{ $answer['words'] }}</a>@endif
</li>
