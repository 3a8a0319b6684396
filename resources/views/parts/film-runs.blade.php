<section class="card" aria-labelledby="runs-title">
    <div class="card-head">
        <h2 id="runs-title">{{ __('film.runs', ['c' => $format->celsius($runs['airC']), 'weight' => $format->weight($runs['gM2'])]) }}</h2>
    </div>
    <x-table :columns="__('film.runs_columns')" :scroll="__('film.runs_scroll')">
        @foreach ($runs['zones'] as ['zone' => $zone, 'keptGM2' => $kept, 'asItIs' => $risk, 'turned' => $turned, 'marks' => $marks])
            <tr>
                <th scope="row">{{ $format->zone($zone) }}</th>
                <td>{{ $format->weight($kept) }}</td>
                <td>{{ implode(', ', array_map(fn ($face) => $face->name, $zone->face->above)) ?: __('film.nothing') }}</td>
                <td @class(['is-over' => $risk->runs()])>
                    {{ $risk->holdsGM2 === null ? __('film.any') : $format->weight($risk->holdsGM2) }}
                </td>
                @if ($turned)
                    <td>{{ number_format($risk->gPerEdgeM, 1) }} g/m</td>
                    <td>{{ $format->orNone($risk->beadMm, 'mm') }}
                        @if ($risk->runs())<span class="risk is-stop">{{ __('film.does_run') }}</span>@endif</td>
                    <td>{{ $format->measured($turned->beadMm, 'mm', 1) }}</td>
                @else
                    <td colspan="3">{{ __('film.runs_on', ['zone' => $zone->face->below[0]->name]) }}</td>
                @endif
                <td>{{ $format->orNone($marks->leftUm, 'µm') }}</td>
                <td>
                    {{ $marks->lastBrushMin === null ? __('film.marks_stay') : __('film.minute', ['n' => floor($marks->lastBrushMin)]) }}
                </td>
            </tr>
        @endforeach
    </x-table>
    @if ($print)
        <p>
            @say($print['waitUntilMin'] ? 'film.print_until' : 'film.print', [
                'step' => lcfirst($format->step($print['step']->step)),
                'at' => $format->when($print['at']),
                'um' => number_format($print['depthUm'], 1),
                'until' => $format->date($print['waitUntilMin']),
                'shows' => OakGloss\Film\PrintThrough::SHOWS_FROM_UM,
            ])
        </p>
        @if ($print['waitUntilMin'])
            @can('work', $part)
                <form method="post" action="{{ route('sand.wait', [$part, $print['step']->step->key]) }}">
                    @marks
                    <button class="btn">{{ __('film.wait') }}</button>
                </form>
            @endcan
        @endif
    @endif
    <p>
        @if ($turnAt = $runs['zones'][0]['asItIs']->turnAtMin ?? null){{ __('film.turn', ['min' => round($turnAt)]) }}@endif
        {{ __('film.drips') }}
    </p>
    <x-why :what="__('film.runs_of')"><p>{{ __('film.runs_why') }}</p></x-why>
</section>
