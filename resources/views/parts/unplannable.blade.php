<x-layouts.app :title="$part->name">
<div class="page">
    <header class="page-head"><h1>{{ $part->letter }} {{ $part->name }}</h1></header>
    <section class="card calm">
        <h2>No plan can be made of this part as it is kept</h2>
        <p class="finding is-stop" role="alert"><b>Why</b> {{ $why }}</p>
        <p>It is left out of the run sheet, and all others go on. What was recorded stays as it is.</p>
        <p><a class="btn go" href="{{ route('bench') }}">To the bench</a> @can('change', $part)<a class="btn" href="{{ route('parts.edit', $part) }}">Change its brief</a>@endcan</p>
    </section>
</div>
</x-layouts.app>
