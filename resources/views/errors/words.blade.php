<x-layouts.bare :title="__('errors.unreadable')">
    <h1>{{ __('errors.unreadable') }}</h1>
    @foreach ($words as $word)<p class="finding is-stop" role="alert">@say('errors.not_this', ['word' => $word])</p>@endforeach
</x-layouts.bare>
