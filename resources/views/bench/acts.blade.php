@php($key = $step->step->key)
@php($kind = $step->step->kind->value)
@php($token = fn (string $act): string => $act.'-'.$part->id.'-'.$key.'-'.Illuminate\Support\Str::random(12))
@php($touchable = $coat !== null && $step->step->follow->coat === $coat->step->key && ($step->step->follow->kind === OakGloss\Method\FollowKind::Tacky || ! $next->needsHandsNow()))
<div class="acts">
    @if ($kind === 'coat' && in_array($next->state->value, ['open', 'ready', 'keyed'], true))
        <a @class(['btn', 'go' => $primary]) @if ($primary) data-key="w" @endif href="{{ route('weigh', [$part, $key]) }}">Weigh {{ $say->grams($step->batch->totalG()) }}</a>
    @endif
    @if ($kind === 'coat' && $next->state->value === 'key_first')
        <form method="post" action="{{ route('facts.store', $part) }}">@csrf<input type="hidden" name="kind" value="sanded"><input type="hidden" name="step" value="{{ $key }}"><input type="hidden" name="grit" value="180"><input type="hidden" name="token" value="{{ $token('key') }}"><input type="hidden" name="to" value="{{ $to ?? 'bench' }}"><button @class(['btn', 'go' => $primary])>Keyed P180 and wiped</button></form>
    @endif
    @if ($primary && $kind === 'coat' && ! in_array($next->state->value, ['key_first', 'missed_wait', 'waiting'], true))
        <form method="post" action="{{ route('facts.store', $part) }}">@csrf<input type="hidden" name="kind" value="coat_on"><input type="hidden" name="step" value="{{ $key }}"><input type="hidden" name="token" value="{{ $token('coat') }}"><input type="hidden" name="to" value="{{ $to ?? 'bench' }}"><button class="btn" data-key="c">Coat is on</button></form>
    @endif
    @if ($step->step->kind->isSanding())
        @php($grit = $step->nextGrit())
        <form method="post" action="{{ route('facts.store', $part) }}">@csrf<input type="hidden" name="kind" value="sanded"><input type="hidden" name="step" value="{{ $key }}"><input type="hidden" name="grit" value="{{ $grit }}"><input type="hidden" name="token" value="{{ $token('sand') }}"><input type="hidden" name="to" value="{{ $to ?? 'bench' }}"><button @class(['btn', 'go' => $primary && $next->needsHandsNow()]) @disabled(! $next->needsHandsNow())>Sanded P{{ $grit }}</button></form>
         @if ($primary && $kind === 'flat' && ! request()->routeIs('parts.sand'))<a class="btn" href="{{ route('parts.sand', $part) }}">Sanding ladder</a>@endif
    @elseif ($kind === 'wipe')
        <form method="post" action="{{ route('facts.store', $part) }}">@csrf<input type="hidden" name="kind" value="wiped"><input type="hidden" name="step" value="{{ $key }}"><input type="hidden" name="token" value="{{ $token('wipe') }}"><input type="hidden" name="to" value="{{ $to ?? 'bench' }}"><button @class(['btn', 'go' => $primary])>Wiped</button></form>
    @elseif ($kind !== 'coat')
        <form method="post" action="{{ route('facts.store', $part) }}">@csrf<input type="hidden" name="kind" value="done"><input type="hidden" name="step" value="{{ $key }}"><input type="hidden" name="token" value="{{ $token('done') }}"><input type="hidden" name="to" value="{{ $to ?? 'bench' }}"><button @class(['btn', 'go' => $primary && $next->needsHandsNow()])>Done</button></form>
    @endif
    @if ($touchable)
        <details class="fold" @if ($primary) data-fold="t" @endif><summary class="btn">Tack check</summary>
            <form class="touches" method="post" action="{{ route('facts.store', $part) }}">@csrf
                <input type="hidden" name="kind" value="touched"><input type="hidden" name="step" value="{{ $coat->step->key }}"><input type="hidden" name="token" value="{{ $token('touch') }}"><input type="hidden" name="to" value="{{ $to ?? 'bench' }}">
                <p>Glove on the witness patch of {{ lcfirst($say->step($coat->step)) }}:</p>
                @foreach (OakGloss\Cure\Touch::cases() as $touch)<button class="btn" name="touch" value="{{ $touch->value }}">{{ $say->word('touch', $touch->value) }} <small>{{ $say->word('touch_says', $touch->value) }}</small></button>@endforeach
            </form>
        </details>
    @endif
    @if ($primary)
    @php($lastFact = $part->facts->whereNotIn('kind', ['struck', 'chosen'])->whereNotIn('id', $part->facts->where('kind', 'struck')->map(fn ($f) => (int) $f->data['target'])->all())->last())
    <details class="fold"><summary class="btn quiet">Other</summary>
        <div class="others">
            @if (in_array($kind, ['prepare', 'wipe', 'key'], true))
                <form method="post" action="{{ route('facts.store', $part) }}">@csrf<input type="hidden" name="kind" value="skipped"><input type="hidden" name="step" value="{{ $key }}"><input type="hidden" name="token" value="{{ $token('skip') }}"><input type="hidden" name="to" value="{{ $to ?? 'bench' }}"><button class="btn">Not needed on this part</button></form>
            @endif
            @php($late = ['coat' => 'coat_on', 'wipe' => 'wiped', 'key' => 'sanded', 'flat' => 'sanded'][$kind] ?? 'done')
            <form method="post" action="{{ route('facts.store', $part) }}" class="late">@csrf<input type="hidden" name="kind" value="{{ $late }}"><input type="hidden" name="step" value="{{ $key }}">@if ($late === 'sanded')<input type="hidden" name="grit" value="{{ $step->nextGrit() }}">@endif<input type="hidden" name="token" value="{{ $token('late') }}"><input type="hidden" name="to" value="{{ $to ?? 'bench' }}">
                <label for="at-{{ $part->id }}">{{ $say->word('fact', $late) }}@if ($late === 'sanded') P{{ $step->nextGrit() }}@endif earlier today at</label><input id="at-{{ $part->id }}" type="time" name="at" required><button class="btn">Keep</button></form>
            @if ($lastFact)
                <form method="post" action="{{ route('facts.strike', [$part, $lastFact]) }}">@csrf<input type="hidden" name="to" value="{{ $to ?? 'bench' }}"><button class="btn">Strike out: {{ $say->word('fact', $lastFact->kind) }}, {{ $say->when(App\Clock\ShopTime::minutes($lastFact->happened_at)) }}</button></form>
            @endif
        </div>
    </details>
    @endif
</div>
