@php($code = (int) trim($__env->yieldContent('code')))
<x-layouts.bare :title="$code">
    <h1>@switch($code)
        @case(403) That is not yours to see or change @break
        @case(404) There is nothing at this address @break
        @case(419) The page lay open too long @break
        @case(429) Too many requests in a minute @break
        @case(503) The shop is closed for a moment @break
        @default Something went wrong here
    @endswitch</h1>
    <p>@switch($code)
        @case(403) It belongs to another shop, can't be changed any more, or is for other roles than yours. Nothing was recorded. @break
        @case(419) Go back, load the page anew and press again. Nothing was recorded. @break
        @case(429) Wait a minute, then go on. @break
        @case(404) @case(405) Nothing was recorded. @break
        @case(500) @if (request()->isMethodSafe()) What was recorded before stands. @else <strong>What you pressed last was not recorded.</strong> Look at the bench, then press again; what was recorded before stands. @endif @break
        @default What was recorded before stands. @endswitch</p>
</x-layouts.bare>
