{{-- A section at a time, each saved on its own. --}}
@inject('format', 'App\Words\Formatter')
@php($isForm = isset(App\Http\Requests\ShopRequest::SECTIONS[$section]))
<x-layouts.app :title="__('app.rooms.shop')">
<div class="page">
    <header class="page-head"><h1>{{ $shop->name }}, {{ $shop->town }}</h1><x-explain />
        @can('own', $shop)<p><a class="btn quiet" href="{{ route('health') }}">{{ __('health.title') }}</a>
            <a class="btn" href="{{ route('shop.money') }}">{{ __('money.settings') }}</a></p>@endcan</header>
    @include('bench.left-out')
    <nav class="tabs kinds" aria-label="{{ __('shop.sections_of') }}">
        @foreach ($sections as $name)
            <a href="{{ route('shop.edit', ['section' => $name]) }}" @class(['on' => $name === $section])
                @if ($name === $section) aria-current="page" @endif>{{ __("shop.sections.{$name}") }}</a>
        @endforeach
    </nav>
    @if ($section === 'places')
        @can('own', $shop)
        <form method="post" action="{{ route('shop.usual') }}" class="card usual" aria-labelledby="usual-title">
            @marks
            <h2 id="usual-title">{{ __('shop.usual') }}</h2>
            <div class="usual-sets">
                @foreach (App\Shelf\UsualSet::cases() as $set)
                    <button class="btn" name="set" value="{{ $set->value }}"><b>{{ __("shop.usual_sets.{$set->value}") }}</b>
                        <small>{{ __("shop.usual_has.{$set->value}") }}</small></button>
                @endforeach
            </div>
            <p class="soft">{{ __('shop.usual_how') }}</p>
        </form>
        @endcan
    @endif
    @if ($isForm)
    <form method="post" action="{{ route('shop.update') }}" novalidate data-showed>
        @marks @method('PUT')
        <input type="hidden" name="section" value="{{ $section }}">
        <fieldset class="reads" @cannot('own', $shop) disabled @endcannot>
            @cannot('own', $shop)<p class="soft">{{ __('shop.owners') }}</p>@endcannot
            @if ($errors->any())
                <p class="finding is-stop" role="alert"><b>{{ __('form.not_kept') }}</b> {{ __('shop.another_look') }}</p>
            @endif
            @include("shop.{$section}")
            @can('own', $shop)<p class="form-foot"><button class="btn go">{{ __('bench.keep') }}</button></p>@endcan
        </fieldset>
    </form>
    @else
        @include("shop.{$section}")
    @endif
</div>
</x-layouts.app>
