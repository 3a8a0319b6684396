{{-- What nobody typed of this sheet: made up, or assumed; what to ask, and the press that says it is right. --}}
@php($assumed = $item->assumed())
@php($fields = collect($kind->fields())->keyBy('name'))
@if ($item->isUnproven())
<section @class(['card', 'unproven']) aria-labelledby="unproven-title">
    <h2 id="unproven-title">{{ __('shelf.unproven.ask') }}</h2>
    @if ($item->made_up)<p class="finding is-warn">@say('shelf.unproven.made_up_sheet')</p>@endif
    @if ($assumed !== [])
        <p class="soft">{{ __('shelf.unproven.ask_how') }}</p>
        <dl class="asked">
            @foreach ($assumed as $name)
                @if ($field = $fields[$name] ?? null)
                    @php($says = app(App\Words\Measures::class)->field($field->unit, $item->getAttribute($name)))
                    <div><dt>{{ $field->label }}</dt><dd class="num">{{ $says['shown'] }} {{ $says['unit'] }}
                        <small>{{ __('shelf.unproven.mark') }}</small></dd></div>
                @endif
            @endforeach
        </dl>
    @endif
    @if ($item instanceof App\Models\Resin && $item->isByCup())
        <p class="finding is-note">@say('shelf.unproven.by_cup')</p>
        @can('own', App\Models\Shop::class)
        <form method="post" action="{{ route('shelf.densities', [$kind::NAME, $item->id]) }}" class="row-fields" novalidate>
            @marks
            <x-field name="resin_100_ml" :label="__('shelf.unproven.weigh', ['jar' => __('stock.jars.resin')])" unit="g" type="number" />
            <x-field name="hardener_100_ml" :label="__('shelf.unproven.weigh', ['jar' => __('stock.jars.hardener')])"
                unit="g" type="number" />
            <button class="btn">{{ __('bench.keep') }}</button>
        </form>
        @endcan
    @endif
    @can('own', App\Models\Shop::class)
    <form method="post" action="{{ route('shelf.confirm', [$kind::NAME, $item->id]) }}">
        @marks
        <button class="btn quiet">{{ __('shelf.unproven.is_so') }}</button>
    </form>
    @endcan
</section>
@endif
