@can('work', $part)
@php($key = $step->step->key)
@php($kind = $step->step->kind->value)
@php($to ??= 'bench')
@php($touchable = $coat !== null && $step->step->follow->coat === $coat->step->key && ($step->step->follow->kind === OakGloss\Method\FollowKind::Tacky || ($step->step->follow->kind === OakGloss\Method\FollowKind::Set && ! $next->needsHandsNow())))
@php($grit = $step->nextGrit())
{{-- The one act that completes the step. --}}
@php($act = ['coat' => 'coat_on', 'wipe' => 'wiped', 'key' => 'sanded', 'flat' => 'sanded'][$kind] ?? 'done')
<div class="acts">
    @if ($kind === 'coat')
        @if (in_array($next->state->value, ['open', 'ready', 'keyed'], true))
            <a @class(['btn', 'go' => $primary]) @if ($primary) data-key="w" @endif href="{{ route('weigh', [$part, $key]) }}">Weigh {{ $format->grams($step->batch->totalG()) }}</a>
            @if ($primary)<x-act :part="$part" kind="coat_on" :step="$key" :to="$to"><button class="btn" data-key="c">Coat is on</button></x-act>@endif
        @elseif ($next->state->value === 'key_first')
            <x-act :part="$part" kind="sanded" :step="$key" :to="$to" grit="180"><button @class(['btn', 'go' => $primary])>Keyed P180 and wiped</button></x-act>
        @endif
    @elseif ($primary && $kind === 'spray' && $plan->log->last($key, OakGloss\Fact\Kind\Ready::class) === null)
        <details class="fold" @if ($primary) data-fold="r" @endif><summary class="btn go">Ready check</summary>
            <x-act :part="$part" kind="ready" :step="$key" :to="$to" class="touches">
                @foreach (['booth', 'mask', 'gun', 'clean'] as $item)<label class="tick big"><input type="checkbox" required> <span>{{ __('words.clear_check.'.$item) }}</span></label>@endforeach
                <button class="btn go">All ready</button>
            </x-act>
        </details>
    @else
        <x-act :part="$part" :kind="$act" :step="$key" :to="$to" :grit="$act === 'sanded' ? $grit : null"><button @class(['btn', 'go' => $primary && $next->needsHandsNow()]) @disabled($act === 'sanded' && ! $next->needsHandsNow())>{{ $format->label($act) }}{{ $act === 'sanded' ? " P{$grit}" : '' }}</button></x-act>
        @if ($primary && $kind === 'flat' && ! request()->routeIs('parts.sand'))<a class="btn" href="{{ route('parts.sand', $part) }}">Sanding ladder</a>@endif
    @endif
    @if ($touchable)
        <details class="fold" @if ($primary) data-fold="t" @endif><summary class="btn">Tack check</summary>
            <x-act :part="$part" kind="touched" :step="$coat->step->key" :to="$to" class="touches">
                <p>Glove on the witness patch of {{ lcfirst($format->step($coat->step)) }}:</p>
                @foreach (OakGloss\Cure\Touch::cases() as $touch)<button class="btn" name="touch" value="{{ $touch->value }}">{{ $format->word('touch', $touch->value) }} <small>{{ $format->word($step->step->follow->kind === OakGloss\Method\FollowKind::Set ? 'touch_says_set' : 'touch_says', $touch->value) }}</small></button>@endforeach
            </x-act>
        </details>
    @endif
    @php($paperable = $coat !== null && $step->step->follow->kind === OakGloss\Method\FollowKind::Sandable && $step->step->follow->coat === $coat->step->key && $step->passes === [])
    @if ($paperable)
        <details class="fold"><summary class="btn">Paper check</summary>
            <x-act :part="$part" kind="tried" :step="$coat->step->key" :to="$to" class="touches">
                <p>A worn P240 on the edge of the witness patch of {{ lcfirst($format->step($coat->step)) }}:</p>
                <button class="btn" name="paper" value="clogs">Clogs <small>too soft yet</small></button><button class="btn" name="paper" value="dusts">Dusts <small>sandable</small></button>
            </x-act>
        </details>
    @endif
    @if ($step->step->name === 'key_base' && $step->passes === [])
        <details class="fold"><summary class="btn">It was laid in time</summary>
            <div class="others"><x-act :part="$part" kind="done" step="lay" :to="$to" class="late">
                <label for="laid-{{ $part->id }}">The cloth was laid in its window, done at</label><input id="laid-{{ $part->id }}" type="time" name="at" required>@include('bench.days-ago', ['id' => "laid-day-{$part->id}"])<button class="btn">Keep</button>
            </x-act></div>
        </details>
    @endif
    @if ($primary)
    @php($lastFact = $plan->log->facts[count($plan->log->facts) - 1] ?? null)
    <details class="fold"><summary class="btn quiet">Other</summary>
        <div class="others">
            @if (in_array($kind, ['prepare', 'wipe', 'key'], true))
                <x-act :part="$part" kind="skipped" :step="$key" :to="$to"><button class="btn">Not needed on this part</button></x-act>
            @endif
            <x-act :part="$part" :kind="$act" :step="$key" :to="$to" :grit="$act === 'sanded' ? $grit : null" class="late">
                <label for="at-{{ $part->id }}">{{ $format->label($act) }}{{ $act === 'sanded' ? " P{$grit}" : '' }} earlier, at</label><input id="at-{{ $part->id }}" type="time" name="at" required>@include('bench.days-ago', ['id' => "at-day-{$part->id}"])<button class="btn">Keep</button>
            </x-act>
            @foreach (OakGloss\Fact\Kinds::where(fn (string $kind): bool => $kind::IS_BESIDES) as $besides)
                <x-act :part="$part" :kind="$besides" :step="$key" :to="$to" class="late">
                    <x-entries :kind="OakGloss\Fact\Kinds::named($besides)" :id="$besides.'-'.$part->id" /><button class="btn">Keep</button>
                </x-act>
            @endforeach
            @if ($lastFact)
                <form method="post" action="{{ route('facts.strike', [$part, $lastFact->id]) }}">@marks<input type="hidden" name="to" value="{{ $to }}"><button class="btn">Strike out: {{ $format->label($lastFact->content::KIND) }}, {{ $format->when($lastFact->atMin) }}</button></form>
            @endif
        </div>
    </details>
    @endif
</div>
@endcan
