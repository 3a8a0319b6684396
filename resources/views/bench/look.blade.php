@php($look = $call->look())
@php($isMany = count($look->looks) > 1)
<form method="post" action="{{ route('inspect.looked', $part) }}" class="ask">
    @marks
    <p><x-tag :part="$part" class="small" /> <b>{{ $call->lookTitle($look) }}:</b>
        {{ __('inspect.look_first', ['look' => $format->word('look', $look->next())]) }}</p>
    @can('work', $part)
        <p class="ask-acts">
            <button class="btn">{{ __($isMany ? 'inspect.nothing_all' : 'inspect.nothing') }}<x-of :name="$call->name()" /></button>
            <a class="btn quiet" href="{{ route('parts.inspect', $part) }}"
                >{{ __($isMany ? 'inspect.one_by_one' : 'inspect.something') }}<x-of :name="$call->name()" /></a>
        </p>
    @endcan
</form>
