@include('parts.answer')
@if ($shapeChanged)@include('parts.sizes', ['oob' => true])@endif
@if ($methodChanged)@include('parts.with', ['oob' => true] + $with)@endif
@if ($redrawZones)@include('parts.zones', ['oob' => true, 'rows' => $zoneRows, 'typed' => $zonesTyped])@endif
