{{-- One line of the shelf; opened, what is kept of it and its sheet. --}}
<details @class(['shelf-jar', 'is-out' => $kind->isOut($item)]) @if ($opens) open @endif>
    <summary>
        <b>{{ $kind->title($item) }}</b>
        <span class="soft num">{{ $kind->line($item, $format) }}</span>
        <span class="num jar-left">
            @foreach ($rows as $row)<span @class(['is-short' => $row->isMissed()])>{{ $row->short($format) }}</span> @endforeach
        </span>
    </summary>
    <div class="jar-more">
        @if ($radius = $kind->grainRadius($item))
            <svg viewBox="0 0 44 44" class="grain" aria-hidden="true"><circle cx="22" cy="22" r="{{ $radius }}"/></svg>
        @endif
        @foreach ($rows as $row)@include('shelf.stock-row')@endforeach
        @if ($kind::HAS_SHEET)@include('shelf.life', ['life' => $lives[$item->id] ?? null])@endif
        <p><a class="btn quiet" href="{{ route('shelf.edit', [$name, $item->id]) }}">{{ __('shelf.open') }}<x-of
            :name="$kind->title($item)" /></a></p>
    </div>
</details>
