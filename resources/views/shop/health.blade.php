@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('health.title')">
<div class="page">
    <header class="page-head"><h1>{{ __('health.title') }}</h1>
        <a class="btn quiet" href="{{ route('shop.edit') }}">{{ __('money.to_shop') }}</a></header>
    <section class="card">
        <x-table :columns="array_slice(__('health.columns'), 0, 2)" :scroll="__('health.title')">
            @foreach ($lines as $line)
                <tr @class(['health', "is-{$line->state->value}"])>
                    <th scope="row">{{ __("health.what.{$line->what}") }}</th>
                    <td><b>{{ __("health.state.{$line->state->value}") }}</b> {{ App\View\Page\HealthWords::of($line, $format) }}</td>
                </tr>
            @endforeach
        </x-table>
        <p class="soft">@say('health.up', ['url' => route('up')])</p>
    </section>
</div>
</x-layouts.app>
