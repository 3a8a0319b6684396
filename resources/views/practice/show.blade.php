@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('practice.title', ['lesson' => $room->title()])">
<div class="page practice practice-room">
    <header class="practice-head">
        <div><h1>{{ $room->title() }}</h1><p>{{ __("practice.lesson.{$room->lesson->value}.goal") }}</p></div>
        <dl class="num">
            <div><dt>{{ __('practice.clock') }}</dt><dd>{{ $room->clock($play->nowMin()) }}</dd></div>
            <div><dt>{{ __('practice.air') }}</dt><dd>{{ $format->celsius($play->airC()) }}</dd></div>
            <div><dt>{{ __('practice.cup') }}</dt><dd>{{ $format->grams($play->cupG()) }}</dd></div>
            <div><dt>{{ __('practice.part') }}</dt><dd>{{ $run->seed }}</dd></div>
        </dl>
    </header>
    @if ($verdict)@include('practice.verdict')@endif
    <div class="practice-grid">
        <div>
            @if ($room->has('lift'))
                @include('practice.heat')
            @else
                @include('practice.patch')
                @include('practice.section')
            @endif
        </div>
        <div>
            <section class="card acts-card" aria-labelledby="acts-title">
                <h2 id="acts-title">{{ __('practice.hands') }}</h2>
                @if ($run->won === null)
                    @include('practice.hands')
                @else
                    <p class="soft">{{ __('practice.is_handed_in') }}</p>
                @endif
            </section>
            <section class="card" aria-labelledby="log-title">
                <h2 id="log-title">{{ __('practice.answers') }}</h2>
                @if ($room->answers() === [])<p class="soft">{{ __('practice.no_answer') }}</p>@endif
                <ol class="answers" reversed aria-live="polite">
                    @foreach ($room->answers() as $answer)
                        <li>
                            <b class="num">{{ $answer['at'] }}</b> {{ $answer['move'] }} <span class="soft">{{ $answer['says'] }}</span>
                        </li>
                    @endforeach
                </ol>
            </section>
        </div>
    </div>
</div>
</x-layouts.app>
