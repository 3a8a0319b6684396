@php($look = $call->look())
@php($isMany = count($look->looks) > 1)
<form method="post" action="{{ route('inspect.looked', $part) }}" class="look-now">
    @marks
    <p><b>{{ $call->lookTitle($look) }}:</b> {{ __('inspect.look_first', ['look' => $format->word('look', $look->next())]) }}</p>
    @can('work', $part)
        <button class="btn quiet">{{ __($isMany ? 'inspect.nothing_all' : 'inspect.nothing') }}</button>
        <a class="btn quiet" href="{{ route('parts.inspect', $part) }}">{{ __($isMany ? 'inspect.one_by_one' : 'inspect.something') }}</a>
    @endcan
</form>
