<section class="card trial" role="status" aria-labelledby="trial-title">
    <h2 id="trial-title">
        <x-tag :part="$trial['part']->part" />
        {{ __('sheet.trial', ['step' => $format->step($trial['planned']->step), 'at' => $format->when($trial['at'])]) }}
    </h2>
    @if (! $trial['fits'])
        <p class="finding is-warn">
            @php([$why, $with] = $trial['why']())
            @say($trial['time'] === null ? 'sheet.no_way' : 'sheet.nearest', ['at' => $format->when($trial['time']?->startMin)])
            {{ __("sheet.because.{$why}", ['parts' => implode(', ', array_map(fn ($p) => $p->part->letter, $with))]) }}
        </p>
    @else
        <ul class="gives">
            @foreach ($plans as $id => $plan)
                @php([$was, $is] = [$before[$id]->schedule->readyMin(), $plan->schedule->readyMin()])
                <li>
                    <x-tag :part="$plan->part" class="small" />
                    @if ($format->isSame($was, $is))
                        @say('sheet.stays', ['at' => $format->day($is)])
                    @else
                        @say($is === null || $is > $was ? 'sheet.later_than' : 'sheet.sooner_than', [
                            'from' => $format->day($was), 'to' => $format->day($is),
                        ])
                    @endif
                    @if ($id === $trial['part']->part->id && $trial['time']->way->value === 'keyed')
                        {{ __('sheet.keyed', ['span' => $format->span($trial['time']->endMin - $trial['time']->startMin)]) }}
                    @endif
                </li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('run-sheet.pin', [$trial['part']->part, $trial['step']]) }}">
            @marks
            <input type="hidden" name="at" value="{{ $trial['at'] }}">
            <input type="hidden" name="span" value="{{ $drawing->span }}">
            <input type="hidden" name="from" value="{{ $drawing->fromMin }}">
            <button class="btn go">{{ __('sheet.accept') }}</button>
        </form>
    @endif
    <a class="btn" href="{{ route('run-sheet', ['span' => $drawing->span, 'from' => $drawing->fromMin]) }}">{{ __('sheet.put_back') }}</a>
</section>
