<x-layouts.app :title="__('find.title')">
<div class="page">
    <header class="page-head"><h1>{{ __('find.title') }}</h1></header>
    @include('find.form', ['id' => 'sought', 'into' => '#found-here'])
    <div class="card" id="found-here">@include('find.found')</div>
</div>
</x-layouts.app>
