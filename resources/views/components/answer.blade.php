@props(['code', 'what', 'do', 'figure' => null, 'of' => null, 'more' => null])
{{-- What a page answers, before anything else: the answer, its figure, its button. --}}
<section @class(['card', 'answer-line', 'is-'.$code]) aria-labelledby="answer-title">
    <div>
        <h2 id="answer-title">{{ $what }}</h2>
        <p>{{ $do }} {{ $more }}</p>
    </div>
    @if ($figure !== null)<p class="answer-figure num"><b>{{ $figure }}</b> <span class="soft">{{ $of }}</span></p>@endif
    <div class="answer-acts">{{ $slot }}</div>
</section>
