@inject('format', 'App\Words\Formatter')
@can('work', $part)
<div class="acts">
    @if ($isCoat())
        @if ($mayWeigh())
            <a @class(['btn', 'go' => $primary]) @if ($primary) data-key="w" @endif
                href="{{ route('weigh', [$part, $key]) }}">{{ __('bench.weigh', [
                    'grams' => $format->mixed($step->batch->totalG(), $step->batch->ratio),
                ]) }}<x-of :name="$name()" /></a>
            @if ($primary)
                <x-act :part="$part" kind="coat_on" :step="$key" :to="$to">
                    <button class="btn" data-key="c">{{ $format->label('coat_on') }}<x-of :name="$name()" /></button>
                </x-act>
            @endif
        @elseif ($wantsKey())
            <x-act :part="$part" kind="sanded" :step="$key" :to="$to" grit="180">
                <button @class(['btn', 'go' => $primary])>{{ __('bench.keyed') }}<x-of :name="$name()" /></button>
            </x-act>
        @endif
    @elseif ($wantsReadyCheck())
        <details class="fold" data-fold="r">
            <summary class="btn go">{{ $format->label('ready') }}<x-of :name="$name()" /></summary>
            <x-act :part="$part" kind="ready" :step="$key" :to="$to" class="touches">
                @include('bench.filters', ['shop' => $part->shop, 'step' => $step->step])
                @foreach (__('words.clear_check') as $item)
                    <label class="tick big"><input type="checkbox" required> <span>{{ $item }}</span></label>
                @endforeach
                <button class="btn go">{{ __('bench.all_ready') }}</button>
            </x-act>
        </details>
    @elseif ($typed = $typedAct())
        <details class="fold" data-fold="l" @if ($primary && $to !== 'bench') open @endif>
            <summary @class(['btn', 'go' => $primary])>{{ $label() }}<x-of :name="$name()" /></summary>
            <x-act :part="$part" :kind="$act()" :step="$key" :to="$to" class="touches typed-act">
                <x-fields :kind="$typed" :id="$act().'-'.$part->id" />
                <button @class(['btn', 'go' => $primary])>{{ __('bench.keep') }}</button>
            </x-act>
        </details>
    @else
        <x-act :part="$part" :kind="$act()" :step="$key" :to="$to" :grit="$grit()">
            <button @class(['btn', 'go' => $primary && $isDue()]) @disabled($grit() !== null && ! $isDue())
                >{{ $label() }}{{ $grit() === null ? '' : " P{$grit()}" }}<x-of :name="$name()" /></button>
        </x-act>
        @if ($primary && $isFlat() && ! request()->routeIs('parts.sand'))
            <a class="btn" href="{{ route('parts.sand', $part) }}">{{ __('bench.ladder') }}</a>
        @endif
    @endif
    @includeWhen($coat = $touchable(), 'bench.touch')
    @includeWhen($coat = $sandable(), 'bench.paper')
    @if ($mayHaveBeenLaid())
        <details class="fold">
            <summary class="btn">{{ __('bench.laid') }}</summary>
            <div class="others">
                <x-act :part="$part" kind="done" step="lay" :to="$to" class="late">
                    <label for="laid-{{ $part->id }}">{{ __('bench.laid_at') }}</label>
                    <input id="laid-{{ $part->id }}" type="time" name="at" required>
                    @include('bench.days-ago', ['id' => "laid-day-{$part->id}"])
                    <button class="btn">{{ __('bench.keep') }}</button>
                </x-act>
            </div>
        </details>
    @endif
    @if ($primary)
        <details class="fold">
            <summary class="btn quiet">{{ __('bench.other') }}<x-of :name="$name()" /></summary>
            <div class="others">
                @if ($isSkippable())
                    <x-act :part="$part" kind="skipped" :step="$key" :to="$to">
                        <button class="btn">{{ __('bench.skip') }}</button>
                    </x-act>
                @endif
                @if ($typedAct() === null)
                <x-act :part="$part" :kind="$act()" :step="$key" :to="$to" :grit="$grit()" class="late">
                    <label for="at-{{ $part->id }}"
                        >{{ __('bench.earlier', ['act' => $label().($grit() === null ? '' : " P{$grit()}")]) }}</label>
                    <input id="at-{{ $part->id }}" type="time" name="at" required>
                    @include('bench.days-ago', ['id' => "at-day-{$part->id}"])
                    <button class="btn">{{ __('bench.keep') }}</button>
                </x-act>
                @endif
                @foreach ($besides() as $kind)
                    <x-act :part="$part" :kind="$kind::KIND" :step="$key" :to="$to" class="late">
                        <x-fields :kind="$kind" :id="$kind::KIND.'-'.$part->id" />
                        <button class="btn">{{ __('bench.keep') }}</button>
                    </x-act>
                @endforeach
                <form method="post" action="{{ route('inspect.wrong', $part) }}" class="late">
                    @marks
                    <label for="wrong-{{ $part->id }}">{{ __('inspect.wrong') }}</label>
                    <select id="wrong-{{ $part->id }}" name="mishap">
                        @foreach (OakGloss\Inspection\Mishap::cases() as $mishap)<option value="{{ $mishap->value }}">{{
                            $format->word('mishap', $mishap) }}</option>@endforeach
                    </select>
                    <button class="btn">{{ __('bench.keep') }}</button>
                </form>
                @if ($fact = $lastFact())
                    <form method="post" action="{{ route('facts.strike', [$part, $fact->id]) }}">
                        @marks
                        <input type="hidden" name="to" value="{{ $to }}">
                        <button class="btn"
                            >{{ __('bench.strike', [
                                'act' => $format->label($fact->content::KIND), 'at' => $format->when($fact->atMin),
                            ]) }}</button>
                    </form>
                @endif
            </div>
        </details>
    @endif
</div>
@endcan
