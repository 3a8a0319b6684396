@inject('format', 'App\Words\Formatter')
@php([$part, $plan] = [$planned->part, $planned->plan])
<x-layouts.app :title="__('inspect.title', ['part' => $part->name])">
@include('parts.head')
<div class="page inspect">
    <div class="inspect-grid">
        <div>
            <section class="card" aria-labelledby="flat-head">
                <div class="card-head">
                    <h2 id="flat-head">{{ __('inspect.drawing') }}</h2>
                    <p class="soft">{{ __('inspect.tap') }}</p>
                </div>
                <x-drawing.part-flat :drawing="$page->drawing" :part="$part" :may-put="auth()->user()->can('work', $part)" />
                <p class="soft num-keys">{{ __('inspect.keys') }}</p>
            </section>
            @include('inspect.verdicts')
        </div>
        <div>
            @include('inspect.look')
            @include('inspect.list')
            @can('work', $part)
                @include('inspect.put')
                @include('inspect.wrong')
            @endcan
        </div>
    </div>
    @include('inspect.weave')
</div>
</x-layouts.app>
