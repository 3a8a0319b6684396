@inject('format', 'App\Words\Formatter')
@php($title = __("practice.lesson.{$lesson->value}.title"))
@php($clock = fn (float $min): string => 'day '.(1 + intdiv((int) $min + 480, 1440)).', '.sprintf('%02d:%02d', intdiv(((int) $min + 480) % 1440, 60), ((int) $min + 480) % 60))
@php($acts = array_map(fn ($k) => $k->value, $lesson->acts()))
<x-layouts.app :title="'Practice: '.$title">
<div class="page practice practice-room">
    <header class="practice-head">
        <div><h1>{{ $title }}</h1><p>{{ __("practice.lesson.{$lesson->value}.goal") }}</p></div>
        <dl class="num"><div><dt>clock</dt><dd>{{ $clock($play->nowMin()) }}</dd></div><div><dt>air</dt><dd>{{ $format->celsius($play->airC()) }}</dd></div><div><dt>cup</dt><dd>{{ $format->grams($play->cupG()) }}</dd></div><div><dt>part</dt><dd>{{ $run->seed }}</dd></div></dl>
    </header>
    @if ($verdict)
    <section @class(['card', 'answer-line', 'is-stop' => ! $verdict->isWon()]) aria-labelledby="verdict-title" id="verdict">
        <div>
            <h2 id="verdict-title">{{ $verdict->isWon() ? 'Won.' : 'Not yet.' }}</h2>
            <ul>@foreach ($verdict->goals as $goal)<li><b>{{ $goal['met'] ? 'Met' : 'Missed' }}:</b> {{ __("practice.goal.{$goal['code']}", ['n' => round($goal['figure']), 'percent' => $format->percent($goal['figure'])]) }}</li>@endforeach
            @foreach ($verdict->mistakes as $mistake)<li><b>{{ $clock($mistake->atMin) }}:</b> {{ __("practice.mistake.{$mistake->code}", array_map(fn ($v) => is_float($v) ? (string) round($v, abs($v) < 10 ? 1 : 0) : $v, $mistake->args)) }}</li>@endforeach
            </ul>
        </div>
        <div class="lesson-acts">
            <form method="post" action="{{ route('practice.begin') }}">@marks<input type="hidden" name="lesson" value="{{ $lesson->value }}"><input type="hidden" name="seed" value="{{ $run->seed }}"><button class="btn">The same part again</button></form>
            <form method="post" action="{{ route('practice.begin') }}">@marks<input type="hidden" name="lesson" value="{{ $lesson->value }}"><button class="btn">Another part</button></form>
            <a class="btn quiet" href="{{ route('practice') }}">All lessons</a>
        </div>
    </section>
    @endif
    <div class="practice-grid">
        <div>
        <section class="card" aria-labelledby="patch-title">
            <div class="card-head"><h2 id="patch-title">Under the lamp: {{ $zone }}</h2><nav class="zone-pick" aria-label="Zone">@foreach (['top', 'flank', 'rim'] as $name)<a href="{{ route('practice.show', [$run, 'zone' => $name]) }}" @class(['on' => $name === $zone]) @if ($name === $zone) aria-current="true" @endif>{{ $name }}</a>@endforeach</nav></div>
            <canvas class="patch" width="560" height="250" data-patch="{{ json_encode($patch) }}" role="img" aria-label="The weave of the {{ $zone }} under a tube lamp: gloss {{ round($patch->gloss) }} units, relief {{ number_format($patch->textureUm, 1) }} µm, scratch {{ number_format($patch->scratchUm, 1) }} µm, {{ $format->percent($play->part->burntShare($zone)) }} bare"></canvas>
            <dl class="num patch-figures"><div><dt>gloss</dt><dd>{{ round($patch->gloss) }} GU</dd></div><div><dt>relief</dt><dd>{{ number_format($patch->textureUm, 1) }} µm</dd></div><div><dt>scratch</dt><dd>{{ $patch->scratchUm > 0 ? number_format($patch->scratchUm, 1).' µm' : 'none' }}</dd></div><div><dt>bare</dt><dd>{{ $play->part->burntShare($zone) > 0 ? $format->percent($play->part->burntShare($zone)) : 'none' }}</dd></div><div><dt>dust</dt><dd>{{ $patch->sealed > 0.01 ? 'shut in' : ($patch->dust > 0.1 ? 'on it' : 'none') }}</dd></div></dl>
        </section>
        <section class="card" aria-labelledby="true-title">
            <h2 id="true-title">Its true section</h2>
            <svg viewBox="0 0 {{ App\View\Drawing\PracticeSection::WIDTH }} {{ App\View\Drawing\PracticeSection::HEIGHT }}" role="img" aria-labelledby="true-svg-title" class="practice-section">
                <title id="true-svg-title">Film over the crowns, µm to scale: {{ implode('; ', array_map(fn ($z) => $z['name'].' '.round($z['least']).' to '.round($z['most']).', mean '.round($z['mean']), $section->zones)) }}</title>
                @foreach ($section->ticks as $tick)<path d="M42 {{ $tick['y'] }}H414" class="tick-line"/><text x="36" y="{{ $tick['y'] + 4 }}" text-anchor="end" class="axis">{{ $tick['label'] }}</text>@endforeach
                @foreach ($section->zones as $z)
                    <rect x="{{ $z['x'] }}" y="{{ $section->zeroY }}" width="{{ $z['width'] }}" height="{{ App\View\Drawing\PracticeSection::HEIGHT - 24 - $section->zeroY }}" class="ply"/>
                    @foreach ($z['places'] as $place)<rect x="{{ $place['x'] }}" y="{{ $place['y'] }}" width="{{ $z['width'] / count($z['places']) + .3 }}" height="{{ max(.5, $place['height']) }}" @class(['place', 'is-burnt' => $place['burnt']])/>@endforeach
                    <path d="M{{ $z['x'] }} {{ $z['meanY'] }}H{{ $z['x'] + $z['width'] }}" class="mean-line"/>
                    <text x="{{ $z['x'] + $z['width'] / 2 }}" y="{{ App\View\Drawing\PracticeSection::HEIGHT - 7 }}" text-anchor="middle" class="zone-name">{{ $z['name'] }} {{ round($z['mean']) }} µm</text>
                @endforeach
                <path d="M42 {{ $section->zeroY }}H414" class="plane-line"/>
            </svg>
            <p class="soft">Each bar one place. Dashed: the crowns. Your own parts never show you this.</p>
            <details class="as-table"><summary>The same as a table</summary><table class="num"><thead><tr><th scope="col">Zone</th><th scope="col">Thinnest</th><th scope="col">Mean</th><th scope="col">Thickest</th><th scope="col">Bare</th></tr></thead><tbody>@foreach ($section->zones as $z)<tr><th scope="row">{{ $z['name'] }}</th><td>{{ $format->um($z['least']) }}</td><td>{{ $format->um($z['mean']) }}</td><td>{{ $format->um($z['most']) }}</td><td>{{ $format->percent($play->part->burntShare($z['name'])) }}</td></tr>@endforeach</tbody></table></details>
        </section>
        </div>
        <div>
        <section class="card acts-card" aria-labelledby="acts-title">
            <h2 id="acts-title">Hands</h2>
            @if ($run->won === null)
            @error('act')<p class="finding is-stop" role="alert">{{ $message }}</p>@enderror
            <div class="hand-grid">
            @if (in_array('wait', $acts, true))<x-hand :run="$run" kind="wait" :zone="$zone" class="is-wide"><h3>Wait</h3><div class="row-fields">@foreach ([30 => '30 min', 120 => '2 h', 480 => '8 h', 1440 => 'a day'] as $min => $label)<button class="btn" name="wait_amount" value="{{ $min }}">{{ $label }}</button>@endforeach</div></x-hand>@endif
            @if (in_array('mix', $acts, true))<x-hand :run="$run" kind="mix" :zone="$zone"><h3>Mix and coat</h3><div class="row-fields"><x-field name="mix_amount" label="Cup" unit="g" type="number" :value="26" /><button class="btn">Mix</button></div></x-hand>
            <x-hand :run="$run" kind="coat" :zone="$zone" class="is-bare"><button class="btn go" @disabled($play->cupG() <= 0)>Brush the cup on</button></x-hand>@endif
            @if (in_array('sand', $acts, true))<x-hand :run="$run" kind="sand" :zone="$zone" class="is-wide"><h3>Sand</h3><div class="row-fields"><x-pick name="zone" label="Zone" :choices="['' => 'all of it, one block', 'top' => 'top', 'flank' => 'flank', 'rim' => 'rim, by hand']" value="top" /><x-pick name="grit" label="Paper" :choices="collect(array_keys(OakGloss\Abrasion\Grit::MEAN_GRAIN_UM))->filter(fn ($p) => $p >= 120 && $p <= 2500)->mapWithKeys(fn ($p) => [$p => 'P'.$p])->all()" :value="240" /><x-pick name="driven" label="How" :choices="['wet_block' => 'wet, on a block', 'dry_block' => 'dry, on a block', 'orbital' => 'orbital']" value="wet_block" /><x-field name="sand_amount" label="For" unit="min" type="number" :value="5" /><button class="btn">Sand</button></div></x-hand>@endif
            @if (in_array('touch', $acts, true))<x-hand :run="$run" kind="touch" :zone="$zone"><h3>Touch</h3><button class="btn">Glove on the witness patch</button></x-hand>@endif
            @if (in_array('wipe', $acts, true))<x-hand :run="$run" kind="wipe" :zone="$zone"><h3>Wipe</h3><button class="btn">Two clean wipes</button></x-hand>@endif
            @if (in_array('spray', $acts, true))<x-hand :run="$run" kind="spray" :zone="$zone"><h3>Spray</h3><div class="row-fields"><x-pick name="sheen" label="Clear" :choices="['gloss' => 'gloss', 'satin' => 'satin', 'matt' => 'matt']" value="matt" /><x-pick name="spray_amount" label="Coats" :choices="[1 => '1', 2 => '2', 3 => '3']" :value="2" /><button class="btn">Spray</button></div></x-hand>@endif
            @if (in_array('polish', $acts, true))<x-hand :run="$run" kind="polish" :zone="$zone"><h3>Polish</h3><div class="row-fields"><x-pick name="compound" label="Compound" :choices="['cut' => 'cut', 'finish' => 'finish', 'jewelled' => 'last']" value="cut" /><x-field name="polish_amount" label="For" unit="min" type="number" :value="8" /><button class="btn">Polish</button></div></x-hand>@endif
            <x-hand :run="$run" kind="look" :zone="$zone"><h3>Hold it to the light</h3><button class="btn">Look along it</button></x-hand>
            </div>
            <form method="post" action="{{ route('practice.finish', $run) }}" class="hand-in">@marks<button class="btn">Hand it in</button></form>
            @else<p class="soft">Handed in.</p>@endif
        </section>
        <section class="card" aria-labelledby="log-title">
            <h2 id="log-title">What it answered</h2>
            @php($answers = array_reverse($play->answers()))
            @if ($answers === [])<p class="soft">Nothing yet.</p>@endif
            <ol class="answers" reversed aria-live="polite">
            @foreach ($answers as $answer)
                <li><b class="num">{{ $clock($answer->fromMin) }}</b> {{ __("practice.act.{$answer->act->kind->value}", ['amount' => round($answer->act->amount, 1), 'grit' => $answer->act->grit?->number ?? '', 'zone' => $answer->act->zone === '' ? 'all of it' : $answer->act->zone, 'span' => $format->span($answer->act->amount), 'compound' => $answer->act->compound?->value ?? '', 'sheen' => $answer->act->sheen?->value ?? '']) }} <span class="soft">{{ __("practice.answer.{$answer->code}", array_map(fn ($v) => is_float($v) ? (string) round($v, 1) : $v, $answer->args) + ['low_percent' => isset($answer->args['low']) ? $format->percent($answer->args['low']) : '', 'bare_percent' => isset($answer->args['bare']) ? $format->percent($answer->args['bare']) : '']) }}</span></li>
            @endforeach
            </ol>
        </section>
        </div>
    </div>
</div>
</x-layouts.app>
