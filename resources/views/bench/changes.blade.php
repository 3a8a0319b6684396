@inject('format', 'App\Words\Formatter')
@inject('sentences', 'App\Words\Sentences')
@if ($changes !== [])
<section class="card changes" aria-labelledby="changes-title">
    <div class="card-head">
        <h2 id="changes-title">{{ __('changes.title') }}</h2>
        <form method="post" action="{{ route('changes.seen') }}">@marks<button class="btn quiet">{{ __('changes.seen') }}</button></form>
    </div>
    <ul>
    @foreach ($changes as $change)
        <li>@say($sentences->isLater($change) ? 'changes.later' : 'changes.sooner', [
            'letter' => $change['letter'],
            'from' => $format->day($change['from']),
            'to' => $format->day($change['to']),
            'because' => $sentences->because($change),
        ])</li>
    @endforeach
    </ul>
</section>
@endif
