@php($plan = $proposal->plan)
<article @class(['card', 'way', 'is-first' => $isFirst]) aria-labelledby="way-{{ $proposal->code }}">
    <p class="label">{{ __($isFirst ? 'choose.first' : 'choose.second') }}</p>
    <h3 id="way-{{ $proposal->code }}">{{ __("methods.{$proposal->code}.name") }}</h3>
    <p>{{ __("methods.{$proposal->code}.when") }}</p>
    <dl class="way-figures num">
        <div><dt>{{ __('choose.hands') }}</dt><dd>{{ $format->span($plan->handsAheadMin()) }}</dd></div>
        <div><dt>{{ __('choose.days') }}</dt>
            <dd>{{ $proposal->days() === null ? '–' : trans_choice('choose.n_days', max(1, (int) ceil($proposal->days()))) }}</dd></div>
        <div><dt>{{ __('choose.grams') }}</dt><dd>{{ $format->mixes($plan->steps) }}</dd></div>
        <div><dt>{{ __('choose.risk') }}</dt>
            <dd>{{ $format->burnsThrough($plan) }}</dd></div>
    </dl>
    <ul class="way-reasons">
        @foreach ($proposal->for() as $reason => $points)<li class="is-for">{{ __("choose.reasons.{$reason}") }}</li>@endforeach
        @foreach ($proposal->against() as $reason => $points)<li class="is-against">{{ __("choose.reasons.{$reason}") }}</li>@endforeach
        @if ($proposal->suits->lacks !== [])
            <li class="is-against">{{ __('choose.lacks', [
                'tools' => implode(', ', array_map(fn ($t): string => __("choose.tools.{$t->value}"), $proposal->suits->lacks)),
            ]) }}</li>
        @endif
    </ul>
    @if ($schools = App\View\Page\Schools::of($plan, $format))
        <details><summary>{{ __('choose.schools') }}</summary>
            <dl class="schools">
                @foreach ($schools as $school)
                    <dt>{{ $school['what'] }}: <b>{{ $school['stands'] }}</b></dt>
                    <dd>{{ $school['why'] }} @foreach ($school['others'] as $other)<span>{{ $other }}</span>@endforeach</dd>
                @endforeach
            </dl>
        </details>
    @endif
    <p><a @class(['btn', 'go' => $isFirst]) href="{{ route('parts.create', ['method' => $proposal->code] + $said + array_filter($flags)) }}"
        >{{ __('choose.take') }}</a></p>
</article>
