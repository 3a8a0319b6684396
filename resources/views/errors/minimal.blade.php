@php($code = (int) trim($__env->yieldContent('code')))
@php($case = $code === 500 && request()->isMethodSafe() ? 'unread' : $code)
<x-layouts.bare :title="$code">
    <h1>{{ __(Lang::has("errors.title.{$code}") ? "errors.title.{$code}" : 'errors.title.other') }}</h1>
    <p>@say(Lang::has("errors.so.{$case}") ? "errors.so.{$case}" : 'errors.so.other')</p>
</x-layouts.bare>
