@inject('format', 'App\Words\Formatter')
@php($now = app(App\Time\ShopClock::class)->now())
@php($title = $item->exists ? $item->name : __('shelf.new', ['kind' => $kind::SINGULAR]))
<x-layouts.app :title="$title">
<div class="page shelf-form">
    <header class="page-head"><h1>{{ $title }}</h1><a class="btn quiet" href="{{ route('shelf') }}">{{ __('shelf.back') }}</a></header>
    @includeWhen($stock !== null, 'shelf.lots')
    @includeWhen($stock !== null, 'shelf.files', ['files' => $stock['files'] ?? []])
    @if ($broken)<p class="finding is-stop" role="alert"><b>{{ __('shelf.broken') }}</b> {{ ucfirst($broken) }}.</p>@endif
    <div @class(['split' => $curve])>
    <form method="post" action="{{ $item->exists ? route('shelf.update', [$kind::NAME, $item->id]) : route('shelf.store', $kind::NAME) }}"
        novalidate>
        @marks
        @if ($item->exists)@method('PUT')@endif
        <fieldset class="reads" @cannot('own', App\Models\Shop::class) disabled @endcannot>
            @if ($errors->any())
                <p class="finding is-stop"
                    role="alert"><b>{{ __('form.not_kept') }}</b> {{ trans_choice('form.another_look', $errors->count()) }}</p>
            @endif
            <section class="card"><x-field name="name" :label="__('form.name')" :value="$item->name" maxlength="80" /></section>
            @if ($kind::HAS_SHEET)@include('shelf.sheet')@include('shelf.catalyst')@endif
            @if ($item instanceof App\Models\Resin && $resin !== null && ($byVolume = App\Shelf\Kind\Resins::ifByVolume($item)) !== null)
                <p class="finding is-warn">@say('shelf.if_by_volume', [
                    'typed' => round($item->hardener_phr, 1), 'right' => round($byVolume, 1),
                ])</p>
            @endif
            @foreach ($kind->groups() as $group => $fields)
                <fieldset class="card"><legend>{{ $group }}</legend>
                    <div class="grid-3">
                        @foreach ($fields as $field)
                            @if ($field->name === $kind::COUNTED_IN && ($stock['lots'] ?? []) !== [])
                                <input type="hidden" name="{{ $field->name }}" value="{{ $item->{$field->name} }}">
                                <p class="field"><span class="label">{{ $field->label }}</span>
                                    {{ $item->{$field->name} }} <span class="soft">{{ __('stock.by_deliveries') }}</span></p>
                                @continue
                            @endif
                            <x-shelf-field :field="$field" :value="$item->{$field->name} ?? null" />@endforeach
                    </div>
                </fieldset>
            @endforeach
            @can('own', App\Models\Shop::class)<p class="form-foot"><button class="btn go">{{ __('bench.keep') }}</button></p>@endcan
        </fieldset>
        @if ($item->exists)<p class="soft">{{ __('shelf.kept_as_new') }}</p>@endif
    </form>
    @if ($curve)
        <div>
            @include('shelf.pace')
            <section class="card curve-card" aria-label="{{ __('shelf.curve.title') }}">
                <h2>{{ __('shelf.curve.title') }}</h2>
                <x-drawing.sheet-curve :curve="$curve" :resin="$resin" />
            </section>
        </div>
    @endif
    </div>
</div>
</x-layouts.app>
