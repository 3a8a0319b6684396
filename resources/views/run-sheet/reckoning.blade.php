<x-layouts.reckoning>
<section class="card calm reckoning" data-reckon="{{ route('run-sheet.reckon') }}" data-to="{{ $to }}">
    <h1>{{ __('sheet.reckoning') }}</h1>
    <p>{{ __('sheet.reckoning_what') }}</p>
    <progress id="reckoned" max="100" value="0" aria-label="{{ __('sheet.reckoned') }}"></progress>
    <span class="num" role="status" id="reckoned-words">0 %</span>
    <noscript><p>@say('sheet.reckon_first', ['reckon' => route('run-sheet.reckon'), 'to' => $to])</p></noscript>
</section>
</x-layouts.reckoning>
