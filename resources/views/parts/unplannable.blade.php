<x-layouts.app :title="$part->name">
<div class="page">
    <header class="page-head"><h1>{{ $part->letter }} {{ $part->name }}</h1></header>
    <section class="card calm">
        <h2>{{ __('parts.unplannable') }}</h2>
        <p class="finding is-stop" role="alert">@say('parts.because', ['why' => $why])</p>
        <p>{{ __('parts.unplannable_so') }}</p>
        <p>
            <a class="btn go" href="{{ route('bench') }}">{{ __('app.to_bench') }}</a>
            @can('change', $part)<a class="btn" href="{{ route('parts.edit', $part) }}">{{ __('parts.change_its_brief') }}</a>@endcan
        </p>
    </section>
</div>
</x-layouts.app>
