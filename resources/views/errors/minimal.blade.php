@php($code = (int) trim($__env->yieldContent('code')))
@php($case = $code === 500 && request()->isMethodSafe() ? 'unread' : $code)
<x-layouts.bare :title="$code">
    <h1>{{ __(Lang::has("errors.title.{$code}") ? "errors.title.{$code}" : 'errors.title.other') }}</h1>
    @if ($code === 403 && ($why = isset($exception) ? $exception->getMessage() : '') !== '' && ! str_contains($why, 'unauthorized'))
        <p><strong>{{ $why }}</strong></p>
    @else
        <p>@say(Lang::has("errors.so.{$case}") ? "errors.so.{$case}" : 'errors.so.other')</p>
    @endif
</x-layouts.bare>
