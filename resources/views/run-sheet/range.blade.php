<svg xmlns="http://www.w3.org/2000/svg">
@foreach ($ranges as $range)
    <rect x="{{ $range['x'] }}" width="{{ $range['width'] }}" class="may-start is-{{ $range['way'] }}" data-from="{{ $range['from'] }}"
        data-until="{{ $range['until'] }}"/>
@endforeach
</svg>
