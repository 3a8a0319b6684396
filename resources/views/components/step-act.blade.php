@inject('format', 'App\Words\Formatter')
@can('work', $part)
@switch($only())
@case('weigh')
    <a class="btn" href="{{ route('weigh', [$part, $key]) }}">{{ __('bench.weigh', [
        'grams' => $format->mixed($step->batch->totalG(), $step->batch->ratio),
    ]) }}<x-of :name="$name()" /></a>
    @break
@case('key')
    <x-act :part="$part" kind="sanded" :step="$key" :to="$to" grit="180">
        <button class="btn">{{ __('bench.keyed') }}<x-of :name="$name()" /></button></x-act>
    @break
@case('touch')
    @php($coat = $touchable())
    @include('bench.touch')
    @break
@case('paper')
    @php($coat = $sandable())
    @include('bench.paper')
    @break
@case('page')
    <a class="btn" href="{{ route('parts.show', $part) }}">{{ $label() }}<x-of :name="$name()" /></a>
    @break
@case('act')
    <x-act :part="$part" :kind="$act()" :step="$key" :to="$to" :grit="$grit()">
        <button class="btn">{{ $label() }}{{ $grit() === null ? '' : " P{$grit()}" }}<x-of :name="$name()" /></button>
    </x-act>
    @break
@default
    @if ($remindAt !== null)
        <button type="button" class="btn quiet remind" aria-pressed="false" data-remind="{{ $part->id }}-{{ $key }}"
            data-at="{{ (int) round(60 * $remindAt) }}" data-words="{{ $reminder }}"
            >{{ __('bench.remind') }}<x-of :name="$name()" /></button>
    @endif
@endswitch
@endcan
