@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('app.rooms.run-sheet')">
<div id="sheet" @class(['sheet-page', 'is-trial' => $trial])>
    <header class="sheet-head">
        <h1>{{ __('app.rooms.run-sheet') }}</h1>
        <nav aria-label="{{ __('sheet.zoom') }}" class="zoom">
            @foreach (__('sheet.spans') as $span => $name)
                <a href="{{ route('run-sheet', ['span' => $span]) }}" @class(['btn', 'quiet', 'on' => $span === $drawing->span])
                    @if ($span === $drawing->span) aria-current="true" @endif>{{ $name }}</a>
            @endforeach
            @foreach (['earlier' => -1, 'later' => 1] as $name => $way)
                <a class="btn quiet" href="{{ route('run-sheet', ['span' => $drawing->span, 'from' => $drawing->pagedMin($way)]) }}"
                    >{{ __("sheet.{$name}") }}</a>
            @endforeach
            <a class="btn" href="{{ route('turn') }}">{{ __('sheet.turn') }}</a>
            <form method="post" action="{{ route('offers.look') }}">@marks<button class="btn">{{ __('offer.look') }}</button></form>
        </nav>
    </header>
    @if ($trial)
        @include('run-sheet.trial')
    @else
        @include('bench.offer')
    @endif
    <x-drawing.run-sheet :drawing="$drawing" :picked="$trial ?? $chosen" />
    <p class="sheet-live visually-hidden" role="status" aria-live="polite"></p>
    <div class="sheet-below">
        <section class="card" aria-labelledby="step" id="step-card">
            @if ($chosen)
                @include('run-sheet.step', ['planned' => $chosen['part'], 'step' => $chosen['planned'], 'time' => $chosen['time']])
            @else
                <h2 id="step">{{ __('sheet.move') }}</h2>
                <p class="wide-only">{{ __('sheet.move_how') }}</p>
                <p class="narrow-only">{{ __('sheet.move_narrow') }}</p>
            @endif
        </section>
        @include('run-sheet.calendar')
    </div>
    @include('run-sheet.days', ['sheet' => route('run-sheet', ['span' => $drawing->span]).'&'])
</div>
</x-layouts.app>
