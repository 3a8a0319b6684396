{{-- The database took nothing: what was typed is here, and the same press may be tried again. --}}
<x-layouts.bare :title="__('errors.not_recorded')" :is-press="! $lacks">
    <h1>{{ __('errors.not_recorded') }}</h1>
    <p role="alert">@say('errors.so.500')</p>
    @if (! $lacks)
        <form method="post" action="{{ $to }}" class="again">
            @csrf
            @foreach ($typed as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <button class="btn go">{{ __('errors.press_again') }}</button>
        </form>
    @endif
    @if ($shown !== [])
        <h2>{{ __('errors.was_typed') }}</h2>
        <dl class="typed">@foreach ($shown as $name => $value)<dt>{{ $name }}</dt><dd>{{ $value }}</dd>@endforeach</dl>
    @endif
</x-layouts.bare>
