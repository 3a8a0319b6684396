@if ($life === null)
    <span class="soft">{{ __('shelf.unreadable') }}</span>
@else
    @php($words = [
        'c' => $format->celsius($airC), 'opens' => $format->span($life->opensMin), 'closes' => $format->span($life->closesMin),
        'sandable' => $format->span($life->sandableMin),
    ])
    @php([$opens, $closes, $sandable] = array_map(fn ($m) => $life->x($m, 400), [$life->opensMin, $life->closesMin, $life->sandableMin]))
    <svg viewBox="0 0 400 20" class="life" preserveAspectRatio="xMinYMid meet" role="img"
        aria-label="{{ __('shelf.life_drawing', $words) }}">
        <rect x="0" y="3" width="{{ $opens }}" height="14" class="wet-ground"/>
        <rect x="{{ $opens }}" y="2" width="{{ $closes - $opens }}" height="16" class="bond"/>
        <path d="M{{ $closes }} 3L{{ $sandable }} 9V11L{{ $closes }} 17Z" class="missed"/>
    </svg>
    <span class="soft num">{{ __('shelf.life', $words) }}</span>
@endif
