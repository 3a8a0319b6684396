@inject('format', 'App\Words\Formatter')
@if ($evening->cases !== [])
<details class="card lock-up">
    <summary>{{ __('bench.before_closing', ['at' => $format->time()->local($evening->closes)->format('H:i')]) }}:
        {{ trans_choice('bench.to_decide', count($evening->cases)) }}</summary>
    @foreach ($evening->cases as $case)
    <div role="group" aria-label="{{ $case['planned']->part->letter }}: {{ $case['step'] }}">
        <p>
            <x-tag :part="$case['planned']->part" class="small" /> <b>{{ $case['step'] }}</b>
            {{ $case['what'] }}
        </p>
        @foreach ($case['ways'] as $way)
            <form method="post" action="{{ route('ways.take', $case['planned']->part) }}">
                @marks
                <input type="hidden" name="way" value="{{ $way['code'] }}">
                <button @class(['priced', 'is-taken' => $loop->first])>
                    <b>{{ $way['words'] }}</b>
                    <span class="num">{{ $way['price'] }}@if ($way['isPlanned']) <i>{{ __('bench.as_planned') }}</i>@endif</span>
                </button>
            </form>
        @endforeach
        @if ($case['warms'])<p class="soft">{{ __('cautions.warming') }}</p>@endif
    </div>
    @endforeach
</details>
@endif
