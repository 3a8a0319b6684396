@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('app.rooms.shop')">
<div class="page">
    <header class="page-head"><h1>{{ $shop->name }}, {{ $shop->town }}</h1>
        @can('own', $shop)<a class="btn" href="{{ route('shop.money') }}">{{ __('money.settings') }}</a>@endcan</header>
    @include('bench.left-out')
    <form method="post" action="{{ route('shop.update') }}" novalidate data-showed>
        @marks @method('PUT')
        <fieldset class="reads" @cannot('own', $shop) disabled @endcannot>
            @cannot('own', $shop)<p class="soft">{{ __('shop.owners') }}</p>@endcannot
            @if ($errors->any())
                <p class="finding is-stop" role="alert"><b>{{ __('form.not_kept') }}</b> {{ __('shop.another_look') }}</p>
            @endif
            @include('shop.week')
            @include('shop.hands')
            <fieldset class="card"><legend>{{ __('shop.things') }}</legend>
                <div class="grid-3">
                    @foreach (__('shop.thing') as $thing => $label)
                        <x-field :name="'things['.$thing.']'" :label="$label" type="number" :unit="__('shop.parts')"
                            :value="$shop->things[$thing] ?? 0" />
                    @endforeach
                    <x-field name="cool_place_c" :label="__('shop.cool_place')" type="number" unit="°C" :value="$shop->cool_place_c" />
                </div>
            </fieldset>
            @include('shop.points')
            @include('shop.bench')
            @can('own', $shop)<p class="form-foot"><button class="btn go">{{ __('bench.keep') }}</button></p>@endcan
        </fieldset>
    </form>
    @include('shop.exceptions')
    @include('shop.filters')
</div>
</x-layouts.app>
