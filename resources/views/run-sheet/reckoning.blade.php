<x-layouts.reckoning>
<section class="card calm reckoning" data-reckon="{{ route('run-sheet.reckon') }}" data-to="{{ $to }}">
    <h1>Reckoning the run sheet</h1>
    <p>Every part against every pair of hands.</p>
    <progress id="reckoned" max="100" value="0" aria-label="Share reckoned"></progress> <span class="num" role="status" id="reckoned-words">0 %</span>
    <noscript><p><a href="{{ route('run-sheet.reckon') }}">Reckon</a>, then <a href="{{ $to }}">go on</a>.</p></noscript>
</section>
</x-layouts.reckoning>
