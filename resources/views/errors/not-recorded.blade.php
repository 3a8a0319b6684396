{{-- The database took nothing: what was typed is here, and the same press may be tried again. --}}
<x-layouts.bare :title="__('errors.title.other')">
    <h1>{{ __('errors.not_recorded') }}</h1>
    <p role="alert">@say('errors.so.500')</p>
    @if (! $lacks)
        <form method="post" action="{{ $to }}">
            @csrf
            @foreach ($typed as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <button class="btn btn-primary">{{ __('errors.press_again') }}</button>
        </form>
    @endif
    @php($shown = array_filter($typed, fn ($value, $name) => $value !== '' && ! in_array($name, ['token', 'seen', '_method', 'to'], true) && ! str_starts_with($name, 'measured['), ARRAY_FILTER_USE_BOTH))
    @if ($shown !== [])
        <h2>{{ __('errors.was_typed') }}</h2>
        <dl class="typed">
            @foreach ($shown as $name => $value)<dt>{{ ucfirst(trim(str_replace(['_', '[', ']'], ' ', $name))) }}</dt><dd>{{ $value }}</dd>@endforeach
        </dl>
    @endif
</x-layouts.bare>
