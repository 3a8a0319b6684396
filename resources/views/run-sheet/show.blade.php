@inject('format', 'App\Words\Formatter')
@php($zoom = ['span' => $drawing->span, 'from' => $drawing->fromMin])
@php($shown = $drawing->untilMin - $drawing->fromMin)
<x-layouts.app title="Run sheet">
<div id="sheet" @class(['sheet-page', 'is-trial' => $trial])>
    <header class="sheet-head">
        <h1>Run sheet</h1>
        <nav aria-label="Zoom" class="zoom">
            @foreach (array_keys(App\View\Drawing\RunSheetDrawing::SPANS) as $span)
                <a href="{{ route('run-sheet', ['span' => $span]) }}" @class(['btn', 'quiet', 'on' => $span === $drawing->span]) @if ($span === $drawing->span) aria-current="true" @endif>{{ ['12h' => '12 h', '1d' => 'day', '3d' => '3 days', '1w' => 'week', '2w' => '2 weeks'][$span] }}</a>
            @endforeach
            <a class="btn quiet" href="{{ route('run-sheet', ['span' => $drawing->span, 'from' => $drawing->fromMin - 0.7 * $shown]) }}">Earlier</a>
            <a class="btn quiet" href="{{ route('run-sheet', ['span' => $drawing->span, 'from' => $drawing->fromMin + 0.7 * $shown]) }}">Later</a>
            <a class="btn" href="{{ route('turn') }}">Turn a window round</a>
            <form method="post" action="{{ route('offers.look') }}">@marks<button class="btn">{{ __('offer.look') }}</button></form>
        </nav>
    </header>
    @if (! $trial)@include('bench.offer')@endif
    @if ($trial)
        @php($moved = $trial['part']->plan->step($trial['step']))
        @php($got = $plans[$trial['part']->part->id]->schedule->slot($trial['step']))
        <section class="card trial" role="status" aria-labelledby="trial-title">
            <h2 id="trial-title"><x-tag :part="$trial['part']->part" /> {{ $format->step($moved->step) }} at {{ $format->when($trial['at']) }}</h2>
            @if ($got === null || abs($got->startMin - $trial['at']) > 0.5)
                <p class="finding is-warn"><b>It has no place there.</b> {{ $got ? 'The nearest that keeps every rule is '.$format->when($got->startMin).'.' : 'No way through was found.' }} <span>Put it back, or drop it inside the marked range.</span></p>
            @else
                <ul class="gives">
                @foreach ($plans as $id => $plan)
                    @php([$was, $is] = [$before[$id]->schedule->readyMin(), $plan->schedule->readyMin()])
                    <li><x-tag :part="$plan->part" class="small" /> @if ($was !== null && $is !== null && abs($was - $is) < 1) ready stays <b class="num">{{ $format->day($is) }}</b> @else ready <span class="num">{{ $format->day($was) }}</span> → <b @class(['num', 'is-stop' => $is === null || $is > $was])>{{ $format->day($is) }}</b>@endif
                    @if ($id === $trial['part']->part->id && $got->way->value === 'keyed') · keyed first, {{ $format->span($got->endMin - $got->startMin) }} hands @endif</li>
                @endforeach
                </ul>
                <form method="post" action="{{ route('run-sheet.pin', [$trial['part']->part, $trial['step']]) }}">@marks<input type="hidden" name="at" value="{{ $trial['at'] }}"><input type="hidden" name="span" value="{{ $drawing->span }}"><input type="hidden" name="from" value="{{ $drawing->fromMin }}"><button class="btn go">Accept, pin it there</button></form>
            @endif
            <a class="btn" href="{{ route('run-sheet', $zoom) }}">Put back</a>
        </section>
    @endif
    <x-drawing.run-sheet :drawing="$drawing" :trial="$trial" :chosen="$chosen" />
    <p class="sheet-live visually-hidden" role="status" aria-live="polite"></p>
    <div class="sheet-below">
    <section class="card" aria-labelledby="step" id="step-card">
        @if ($chosen)
            @php($step = $chosen['part']->plan->step($chosen['step']))
            @php($time = $chosen['part']->schedule->slot($chosen['step']))
            @php($pinned = OakGloss\Plan\Decision::of($chosen['part']->plan->log, $chosen['step'], $floor->nowMin))
            <h2 id="step"><x-tag :part="$chosen['part']->part" /> {{ $format->step($step->step) }}</h2>
            <p class="num">{{ $format->date($time->startMin) }} to {{ $format->time()->local($time->endMin)->format('H:i') }}, {{ $format->word('way', $time->way->value) }}@if ($time->window) · bonds {{ $format->between($time->window->opens->expectedMin, $time->window->closes->expectedMin) }}, {{ $format->sure($time->window) }}@endif @if ($time->ready) · sandable {{ $format->when($time->ready->expectedMin) }}, between {{ $format->spread($time->ready) }}@endif</p>
            <form class="move-form" method="get" action="{{ route('run-sheet.try', [$chosen['part']->part, $chosen['step']]) }}">
                <input type="hidden" name="span" value="{{ $drawing->span }}"><input type="hidden" name="from" value="{{ $drawing->fromMin }}">
                <div class="field"><label for="at_local">Move its start to</label><input id="at_local" type="datetime-local" name="at_local" step="300" value="{{ $format->time()->local($time->startMin)->format('Y-m-d\TH:i') }}" required></div>
                <button class="btn">See what gives</button>
            </form>
            @if ($pinned->pinnedAt !== null || $pinned->mustKey || is_finite($pinned->notBefore))
                <form method="post" action="{{ route('run-sheet.unpin', [$chosen['part']->part, $chosen['step']]) }}">@marks @method('DELETE')<button class="btn quiet">Unpin</button></form>
            @endif
            @php($bag = $errors->getBag('climate'))
            <details class="fold" @if ($bag->any()) open @endif><summary class="btn quiet">Another air for this part</summary>
            <form class="grid-3" method="post" action="{{ route('run-sheet.climate', [$chosen['part']->part, $chosen['step']]) }}" novalidate>@marks
                <div class="field"><label for="kind">In</label><select id="kind" name="kind">@foreach (OakGloss\Climate\ClimateKind::cases() as $kind)<option value="{{ $kind->value }}" @selected(old('kind') === $kind->value)>{{ $format->word('climate', $kind->value) }}, to {{ round(OakGloss\Plan\ClimateLimit::warmestC($kind, $chosen['part']->plan->brief->substrate)) }} °C</option>@endforeach</select></div>
                @foreach (['from' => ['From', $floor->nowMin], 'until' => ['Until', $time->startMin]] as $name => [$label, $minute])<div class="field"><label for="climate-{{ $name }}">{{ $label }}</label><input id="climate-{{ $name }}" type="datetime-local" name="{{ $name }}" value="{{ App\View\Old::of($name, $format->time()->local($minute)->format('Y-m-d\TH:i')) }}"></div>@endforeach
                <div @class(['field', 'is-wrong' => $bag->has('c')])><label for="climate-c">at<span class="unit">°C</span></label><input id="climate-c" name="c" inputmode="decimal" value="{{ App\View\Old::of('c', 28) }}"></div>
                <p class="form-foot"><button class="btn">Plan it</button></p>
                @if ($bag->any())<p class="more span-3" role="alert"><strong>{{ $bag->first() }}</strong></p>@endif
                <p class="soft span-3">Never on fresh solvent, nothing left alone that could burn. The sheet's own limit comes first.</p>
            </form></details>
        @else
            <h2 id="step">Move a step</h2>
            <p>Drag a block along the time: the green ground shows where it may start. By key: Tab to a block, arrows move it by 5 min, with Shift by an hour, Enter lets go, Escape puts it back. Or press a block and type the time.</p>
        @endif
    </section>
    @include('run-sheet.calendar')
    </div>
    <details class="as-table card"><summary>The same as a table</summary>
        <div class="table-scroll" tabindex="0" role="group" aria-label="Steps ahead; scroll sideways"><table class="num"><thead><tr><th scope="col">Part</th><th scope="col">Step</th><th scope="col">Starts</th><th scope="col">Ends</th><th scope="col">How</th><th scope="col">Hands</th></tr></thead><tbody>
        @foreach ($plans as $plan)@foreach ($plan->plan->ahead() as $step)
            @php($time = $plan->schedule->slot($step->step->key))
            @if ($time)<tr><th scope="row">{{ $plan->part->letter }}</th><td>{{ $format->step($step->step) }}</td><td>{{ $format->date($time->startMin) }}</td><td>{{ $format->time()->local($time->endMin)->format('H:i') }}</td><td>{{ $format->word('way', $time->way->value) }}</td><td>{{ implode(', ', array_map(fn (int $i): string => $floor->people[$i]->initials ?? '–', $time->people)) }}</td></tr>@endif
        @endforeach @endforeach
        </tbody></table></div>
    </details>
</div>
</x-layouts.app>
