<x-layouts.bare title="That can't be read">
    <h1>That can't be read</h1>
    @foreach ($words as $word)<p class="finding is-stop" role="alert"><b>Not this</b> {{ $word }}</p>@endforeach
</x-layouts.bare>
