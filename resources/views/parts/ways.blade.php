@inject('format', 'App\Words\Formatter')
<section class="answer ways" id="ways" aria-live="polite" aria-labelledby="ways-title">
    <h2 id="ways-title">{{ __($best === [] ? 'choose.none' : 'choose.proposed') }}</h2>
    @foreach ($best as $i => $proposal)
        @include('parts.way', ['isFirst' => $i === 0])
    @endforeach
    @if ($never)<p class="finding is-stop" role="status">{{ __("choose.refused.{$never}") }}</p>@endif
    @if (! $never && ($others !== [] || $ways->refused !== []))
        <h3>{{ __('choose.not') }}</h3>
        <dl class="not-ways">
            @foreach ($others as $proposal)
                <dt>{{ __("methods.{$proposal->code}.name") }}</dt>
                <dd>@if ($proposal->plan === null){{ __('choose.no_sizes') }}@endif<x-findings :of="$proposal->refusals()" /></dd>
            @endforeach
            @foreach ($ways->refused as $code => $suits)
                <dt>{{ __("methods.{$code}.name") }}</dt>
                <dd>{{ implode(' ', array_map(fn (string $r): string => __("choose.refused.{$r}"), $suits->refused)) }}</dd>
            @endforeach
        </dl>
    @endif
    <details class="card all-ways"><summary>{{ __('choose.all') }}</summary>
        <ul>
            @foreach ($methods as $code)
                <li><a href="{{ route('parts.create', ['method' => $code] + $said + array_filter($flags)) }}">{{
                    __("methods.{$code}.name") }}</a>
                    <span class="soft">{{ __("methods.{$code}.when") }}</span></li>
            @endforeach
        </ul>
    </details>
</section>
