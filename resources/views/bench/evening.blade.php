<x-layouts.app :title="__('bench.evening')">
<div class="bench"><div id="evening-cards">
    @include('bench.lock-up')
    @include('bench.night')
</div></div>
</x-layouts.app>
