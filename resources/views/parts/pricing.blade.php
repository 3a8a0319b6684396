{{-- Until it is reckoned what other choices come to. --}}
@php($priced = route('parts.show', ['part' => $part, 'priced' => 1]))
<section class="card helps" id="helps" aria-labelledby="helps-title" hx-get="{{ $priced }}" hx-trigger="load" hx-select="#helps"
    hx-select-oob="#choices" hx-swap="outerHTML">
    <h2 id="helps-title">{{ __('parts.helps') }}</h2>
    <p><a href="{{ $priced }}">{{ __('parts.pricing') }}</a></p>
</section>
