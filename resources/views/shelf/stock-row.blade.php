@php($bar = $row->bar())
<span @class(['stock-row', 'is-missed' => $row->isMissed()])>
    @if ($row->isKept())
        <svg viewBox="0 0 200 12" class="stock-bar" role="img" aria-label="{{ __('stock.drawing') }}">
            <rect x="0.5" y="1" width="199" height="10" class="stock-ground"/>
            <rect x="0.5" y="1" width="{{ $bar['left'] }}" height="10" class="stock-left"/>
            <rect x="0.5" y="1" width="{{ $bar['reserved'] }}" height="10" class="stock-reserved"/>
            @if ($bar['missing'] > 0)
                <rect x="{{ 199.5 - $bar['missing'] }}" y="1" width="{{ $bar['missing'] }}" height="10" class="stock-missing"/>
            @endif
        </svg>
    @endif
    <span class="num">@if ($row->name())<b>{{ $row->name() }}</b> @endif{{ $row->said($format) }}</span>
</span>
