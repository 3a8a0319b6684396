<x-layouts.app :title="__('app.rooms.practice')">
<div class="page practice">
    <header class="page-head"><h1>{{ __('app.rooms.practice') }}</h1><p class="soft">{{ __('practice.what') }}</p></header>
    <ol class="lessons">
        @foreach ($lessons as ['lesson' => $lesson, 'won' => $won, 'open' => $open, 'last' => $last, 'handedIn' => $handedIn])
            <li @class(['card', 'lesson', 'is-won' => $won])>
                <div>
                    <h2>{{ __("practice.lesson.{$lesson->value}.title") }}</h2>
                    <p>{{ __("practice.lesson.{$lesson->value}.goal") }}</p>
                    <p class="soft">{{ __($won ? 'practice.won_on' : 'practice.handed_in', ['part' => $won?->seed, 'n' => $handedIn]) }}</p>
                </div>
                <div class="lesson-acts">
                    @if ($open)
                        <a class="btn" href="{{ route('practice.show', $open) }}">{{ __('practice.go_on', ['part' => $open->seed]) }}</a>
                    @endif
                    <form method="post" action="{{ route('practice.begin') }}">
                        @marks
                        <input type="hidden" name="lesson" value="{{ $lesson->value }}">
                        <button @class(['btn', 'go' => ! $won])>{{ __('practice.take') }}</button>
                    </form>
                    <form method="post" action="{{ route('practice.begin') }}" class="seeded">
                        @marks
                        <input type="hidden" name="lesson" value="{{ $lesson->value }}">
                        <label for="seed-{{ $lesson->value }}">{{ __('practice.number') }}</label>
                        <x-measured name="seed" />
                        <input id="seed-{{ $lesson->value }}" name="seed" inputmode="numeric" maxlength="6" value="{{ $last?->seed }}"
                            required>
                        <button class="btn">{{ __('practice.play') }}</button>
                    </form>
                </div>
            </li>
        @endforeach
    </ol>
    @error('seed')<p class="finding is-stop" role="alert">{{ $message }}</p>@enderror
</div>
</x-layouts.app>
