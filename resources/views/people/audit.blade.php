@inject('format', 'App\Words\Formatter')
<x-layouts.app title="Audit list">
<div class="page">
    <header class="page-head"><h1>Audit list</h1><p><a href="{{ route('people') }}">People</a></p></header>
    <section class="card">
        <p class="soft">Sign-ins and refusals, roles, settings, sheets, exports and restores. By the machine's clock; nothing here can be changed.</p>
        <div class="table-scroll" tabindex="0" role="group" aria-label="Audit list; scroll sideways">
        <table class="num audit"><thead><tr><th scope="col">When</th><th scope="col">Who</th><th scope="col">What</th><th scope="col">From</th></tr></thead><tbody>
        @forelse ($entries as $entry)
            <tr><td>{{ $format->time()->local(App\Time\ShopTime::minutes($entry->happened_at))->format('D j M Y H:i') }}</td><td>{{ $entry->user?->name ?? '–' }}</td><td>{{ __('audit.'.$entry->what, array_map(fn ($v) => is_array($v) ? implode(', ', $v) : (string) $v, $entry->about)) }}</td><td>{{ $entry->address ?? 'the machine itself' }}</td></tr>
        @empty<tr><td colspan="4" class="soft">Nothing yet.</td></tr>@endforelse
        </tbody></table>
        </div>
        <p class="acts">@if ($entries->previousPageUrl())<a class="btn" href="{{ $entries->previousPageUrl() }}">Newer</a>@endif @if ($entries->nextPageUrl())<a class="btn" href="{{ $entries->nextPageUrl() }}">Older</a>@endif</p>
    </section>
</div>
</x-layouts.app>
