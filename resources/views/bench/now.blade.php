{{-- The one thing that is due: what, until when, how much, one press; then what would change it; the rest folds. --}}
@inject('format', 'App\Words\Formatter')
@inject('sentences', 'App\Words\Sentences')
@php([$planned, $part, $plan, $next, $step] = [$call->planned, $call->planned->part, $call->planned->plan, $call->next, $call->step])
@php($notes = new App\View\Page\BenchNotes($call, $sentences, $format))
<section class="card now is-{{ $next->state->value }}" aria-labelledby="now-title" @figure($part->id, 'next', $step->step->key)>
    <header class="now-what">
        @if (($to ?? 'bench') === 'bench')
            <h1 id="now-title"><x-tag :part="$part" class="large" /> {{ $call->title() }}</h1>
            <p class="soft"><a href="{{ route('parts.show', $part) }}">{{ $part->name }}</a></p>
        @else
            <h2 id="now-title">{{ $call->title() }}</h2>
        @endif
    </header>
    <div class="now-figures">
        @include('bench.figures')
    </div>
    <p class="do">{{ $call->begins() }}</p>
    <div class="now-acts" id="act" tabindex="-1">
        @if ($call->stoppedBy() !== [])
            @include('bench.stopped', ['stops' => $call->stoppedBy()])
        @else
            <x-step-acts :call="$planned" :to="$to ?? 'bench'" primary />
        @endif
        @if ($step->step->role === OakGloss\Method\Role::SendOut)
            <a class="btn" href="{{ route('parts.dispatch', $part) }}">{{ __('dispatch.open') }}</a>
        @endif
    </div>
    <x-caution-line :step="$step->step" />
    @includeWhen($call->cupUseBy() !== null, 'bench.cup-clock')
    @foreach (array_slice($notes->all, 0, 1) as $note)
        <p class="finding is-{{ $note['severity']->value }}">
            <b>{{ __("app.severity.{$note['severity']->value}") }}</b> {{ $note['what'] }}</p>
    @endforeach
    <details class="now-more" @if ($notes->opens()) open @endif>
        <summary>{{ $notes->folded() === [] ? __('bench.more') : trans_choice('bench.more_notes', count($notes->folded())) }}</summary>
        @if ($call->goesOn() !== '')<p>{{ $call->goesOn() }}</p>@endif
        @if ($cue = $call->cue())<p class="cue">{{ $cue }}</p>@endif
        @if ($laid = $call->wentOn())
            <p class="soft">{{ __('bench.went_on', [
                'coat' => $format->step($laid->step), 'at' => $format->when($laid->doneAtMin),
            ]) }}</p>
        @endif
        @foreach ($notes->all as $note)
            @continue($loop->first && $note['tip'] === '')
            <p class="finding is-{{ $note['severity']->value }}">
                @unless ($loop->first)<b>{{ __("app.severity.{$note['severity']->value}") }}</b> {{ $note['what'] }}@endunless
                <span>{{ $note['tip'] }}</span></p>
        @endforeach
        @include('bench.clear-step', ['call' => $planned])
        @include('bench.mix-ahead', ['ahead' => $call->mixAhead('ready', 'keyed', 'open')])
        @if ($call->stoppedBy() !== [])
            <p class="label">{{ __('bench.all_the_same') }}</p>
            <x-step-acts :call="$planned" :to="$to ?? 'bench'" />
        @endif
        @if ($remindAt = $call->remindAtMin())
            <button type="button" class="btn quiet remind" aria-pressed="false" data-remind="{{ $part->id }}-{{ $step->step->key }}"
                data-at="{{ (int) round(60 * $remindAt) }}" data-words="{{ $call->reminder() }}"
                >{{ __('bench.remind') }}<x-of :name="$call->name()" /></button>
        @endif
        @include('bench.who', ['to' => $to ?? 'bench'])
        <x-cautions :step="$step->step" />
        <x-sheet-files :planned="$planned" :step="$step" />
    </details>
</section>
