@inject('format', 'App\Words\Formatter')
<x-layouts.app title="Practice">
<div class="page practice">
    <header class="page-head"><h1>Practice</h1><p class="soft">A part with a hidden truth: its film, its resin's pace and the air are near what sheet and model say, never quite. The clock runs as fast as you do. The same part number plays the same part again.</p></header>
    <ol class="lessons">
    @foreach (OakGloss\Practice\Lesson::cases() as $lesson)
        @php($mine = $runs->get($lesson->value, collect()))
        @php($won = $mine->firstWhere('won', true))
        @php($open = $mine->firstWhere('won', null))
        <li @class(['card', 'lesson', 'is-won' => $won])>
            <div><h2>{{ __("practice.lesson.{$lesson->value}.title") }}</h2><p>{{ __("practice.lesson.{$lesson->value}.goal") }}</p><p class="soft">{{ $won ? 'Won on part '.$won->seed.'. ' : '' }}{{ $mine->whereNotNull('won')->count() }} handed in.</p></div>
            <div class="lesson-acts">
                @if ($open)<a class="btn" href="{{ route('practice.show', $open) }}">Go on with part {{ $open->seed }}</a>@endif
                <form method="post" action="{{ route('practice.begin') }}">@marks<input type="hidden" name="lesson" value="{{ $lesson->value }}"><button @class(['btn', 'go' => ! $won])>Take a part</button></form>
                <form method="post" action="{{ route('practice.begin') }}" class="seeded">@marks<input type="hidden" name="lesson" value="{{ $lesson->value }}"><label for="seed-{{ $lesson->value }}">Part number</label><input id="seed-{{ $lesson->value }}" name="seed" inputmode="numeric" maxlength="6" value="{{ $mine->first()?->seed }}" required><button class="btn">Play it</button></form>
            </div>
        </li>
    @endforeach
    </ol>
    @error('seed')<p class="finding is-stop" role="alert">{{ $message }}</p>@enderror
</div>
</x-layouts.app>
