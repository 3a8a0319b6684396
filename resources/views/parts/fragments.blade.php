@include('parts.answer')
@include('parts.drawn', ['oob' => true])
@if ($shapeChanged)@include('parts.sizes', ['oob' => true])@endif
@if ($methodChanged)
    @include('parts.with', ['oob' => true] + $with)
    @include('parts.made-of', ['oob' => true] + $with)
    @include('parts.shape', ['oob' => true])
    @include('parts.wrap', ['oob' => true, 'given' => request()->only(['wrap_mm', 'holes'])])
@endif
@if ($redrawZones)@include('parts.zones', ['oob' => true, 'rows' => $zoneRows, 'typed' => $zonesTyped])@endif
