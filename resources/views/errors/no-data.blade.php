<x-layouts.bare :title="__('errors.no_data')">
    <h1>{{ __('errors.no_data') }}</h1>
    <p role="alert">@say('errors.no_data_so')</p>
</x-layouts.bare>
