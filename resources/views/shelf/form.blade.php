@inject('format', 'App\Words\Formatter')
@php($now = app(App\Time\ShopClock::class)->now())
@php($title = $item->exists ? $item->name : __('shelf.new', ['kind' => $kind::SINGULAR]))
<x-layouts.app :title="$title">
<div class="page shelf-form">
    <header class="page-head"><h1>{{ $title }}</h1><x-explain />
        <a class="btn quiet" href="{{ route('shelf') }}">{{ __('shelf.back') }}</a></header>
    @if ($sections !== [])
        <nav class="tabs kinds" aria-label="{{ __('shelf.section.of') }}">
            @foreach ($sections as $name => $says)
                <a href="{{ route('shelf.edit', [$kind::NAME, $item->id, 'section' => $name]) }}"
                    @class(['on' => (string) $name === $section])
                    @if ((string) $name === $section) aria-current="page" @endif>{{ $says }}</a>
            @endforeach
        </nav>
    @endif
    @includeWhen($item->exists, 'shelf.unproven')
    @if ($section === null || $section === 'stock')
        @includeWhen($stock !== null, 'shelf.lots')
        @includeWhen($stock !== null, 'shelf.files', ['files' => $stock['files'] ?? []])
    @endif
    @if ($broken)<p class="finding is-stop" role="alert"><b>{{ __('shelf.broken') }}</b> {{ ucfirst($broken) }}.</p>@endif
    <div @class(['split' => $curve])>
    @if ($section !== 'stock')
    <form method="post" action="{{ $item->exists ? route('shelf.update', [$kind::NAME, $item->id]) : route('shelf.store', $kind::NAME) }}"
        novalidate>
        @marks
        @if ($item->exists)@method('PUT')@endif
        @if ($section !== null)<input type="hidden" name="section" value="{{ $section }}">@endif
        <fieldset class="reads" @cannot('own', App\Models\Shop::class) disabled @endcannot>
            @if ($errors->any())
                <p class="finding is-stop"
                    role="alert"><b>{{ __('form.not_kept') }}</b> {{ trans_choice('form.another_look', $errors->count()) }}</p>
            @endif
            @if ($section === null || $section === 'sheet')
                <section class="card"><x-field name="name" :label="__('form.name')" :value="$item->name" maxlength="80" /></section>
                @if ($kind::HAS_SHEET)@include('shelf.sheet')@include('shelf.catalyst')@endif
            @endif
            @foreach ($kind->groups() as $group => $fields)
                @continue($section !== null && $section !== (string) $loop->index)
                @if (in_array('hardener_phr', array_column($fields, 'name'), true) && $resin !== null
                    && ($byVolume = App\Shelf\Kind\Resins::ifByVolume($item)) !== null)
                    <p class="finding is-warn">@say('shelf.if_by_volume', [
                        'typed' => round($item->hardener_phr, 1), 'right' => round($byVolume, 1),
                    ])</p>
                @endif
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
    @endif
    @if ($curve && ($section === null || in_array($section, ['stock', 'sheet', '0'], true)))
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
