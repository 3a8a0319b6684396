@inject('sentences', 'App\Words\Sentences')
@if ($changes !== [])
<section class="card changes" aria-labelledby="changes-title">
    <div class="card-head"><h2 id="changes-title">What changed</h2><form method="post" action="{{ route('changes.seen') }}">@marks<button class="btn quiet">Seen</button></form></div>
    <ul>
    @foreach ($changes as $change)
        <li><b class="num">{{ $change['letter'] }}</b> ready <span class="num">{{ $format->day($change['from']) }}</span> → <b @class(['num', 'is-stop' => $change['to'] === null || ($change['from'] !== null && $change['to'] > $change['from'])])>{{ $format->day($change['to']) }}</b>, because {{ $sentences->because($change) }}.</li>
    @endforeach
    </ul>
</section>
@endif
