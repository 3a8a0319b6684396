<x-layouts.app :title="__('bench.evening')">
@inject('format', 'App\Words\Formatter')
<div class="bench"><div id="evening-cards">
    @include('bench.health')
    @include('bench.lock-up')
    @include('bench.night')
</div></div>
</x-layouts.app>
