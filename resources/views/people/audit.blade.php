@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('people.audit')">
<div class="page">
    <header class="page-head"><h1>{{ __('people.audit') }}</h1><p><a href="{{ route('people') }}">{{ __('app.people') }}</a></p></header>
    <section class="card">
        <p class="soft">{{ __('people.audit_what') }}</p>
        <x-table :columns="__('people.audit_columns')" :scroll="__('people.audit_scroll')" class="audit">
            @forelse ($entries as $entry)
                <tr>
                    <td>{{ $format->time()->local(App\Time\ShopTime::minutes($entry->happened_at))->format('D j M Y H:i') }}</td>
                    <td>{{ $entry->user?->name ?? '–' }}</td>
                    <td>{{ $entry->words() }}</td>
                    <td>{{ $entry->address ?? __('people.machine') }}</td>
                </tr>
            @empty
                <tr><td colspan="4" class="soft">{{ __('people.no_entry') }}</td></tr>
            @endforelse
        </x-table>
        <p class="acts">
            @if ($entries->previousPageUrl())<a class="btn" href="{{ $entries->previousPageUrl() }}">{{ __('parts.newer') }}</a>@endif
            @if ($entries->nextPageUrl())<a class="btn" href="{{ $entries->nextPageUrl() }}">{{ __('parts.older') }}</a>@endif
        </p>
    </section>
</div>
</x-layouts.app>
