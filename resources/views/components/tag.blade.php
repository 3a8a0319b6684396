@props(['part'])
<span {{ $attributes->class(['tag', 'tag-'.$part->colour]) }}>{{ $part->letter }}</span>
