{{-- Filled in by the worker where the server does not answer. --}}
<x-layouts.bare :title="__('errors.no_answer')" :is-press="$isPress">
    <h1>{{ __('errors.no_answer') }}</h1>
    @if ($isPress)
        <p role="alert">@say('errors.no_answer_press')</p>
        <form method="post" action="%TO%" class="again" %AGAIN%>
            %SENT%
            <button class="btn go">{{ __('errors.press_again') }}</button>
        </form>
        <h2>{{ __('errors.was_typed') }}</h2>
        <dl class="typed">%TYPED%</dl>
    @else
        <p role="alert">{{ __('errors.no_answer_read') }}</p>
    @endif
</x-layouts.bare>
