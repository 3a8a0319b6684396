@inject('filters', 'App\Bench\Filters')
<section class="card filters" aria-labelledby="filters-title">
    <h2 id="filters-title">{{ __('shop.filters_title') }}</h2>
    @foreach (App\Models\FilterKind::cases() as $filter)
        @php($used = $filters->usedH($shop, $filter))
        <form method="post" action="{{ route('filters.store') }}" class="row-fields">
            @marks
            <p class="num"><b>{{ __("shop.filter_used.{$filter->value}") }}</b>
                {{ $used === null ? __('shop.filter_unknown') : __('shop.filter_of', [
                    'used' => number_format($used, 1), 'of' => round(App\Bench\Filters::hours($shop, $filter)),
                ]) }}</p>
            <button class="btn" name="kind" value="{{ $filter->value }}">{{ __('shop.filter_new') }}<span class="visually-hidden">: {{
                __("shop.filter_used.{$filter->value}") }}</span></button>
        </form>
    @endforeach
    <p class="soft">{{ __('shop.filters_count') }}</p>
</section>
