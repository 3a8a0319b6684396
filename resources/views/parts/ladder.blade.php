<details @class(['card', 'ladder', 'line-fold', 'is-done' => $step->isDone(), 'is-next' => $flat->isNext]) @if ($opens) open @endif>
    <summary>
        <h2 id="ladder-{{ $n }}">{{ $format->step($step->step) }}
            <span class="soft">{{ __('sand.from_to', [
                'from' => $ladder->first()->number, 'to' => $ladder->last()->number, 'driven' => $flat->driven(),
            ]) }}</span></h2>
        <span class="num ladder-when">{{ $flat->when() }}</span>
    </summary>
    @if ($flat->buy !== [])
        <ul class="findings">
            <li class="finding is-warn">
                @say('sand.buy', ['driven' => $flat->driven(), 'papers' => implode(', ', array_map(fn ($p) => "P{$p}", $flat->buy))])
            </li>
        </ul>
    @endif
    <div class="ladder-body">
        <div>
            <x-table :columns="$flat->columns()" :scroll="__('sand.scroll')" class="ladder-table">
                @foreach ($ladder->steps as $r => $rung)
                    <tr @class(['is-done' => $flat->isSanded($rung), 'is-next' => $flat->isNextPaper($rung)])>
                        <th scope="row">P{{ $rung->grit->number }}</th>
                        <td>{{ $format->measured($rung->cutUm, 'µm', 1) }}</td>
                        <td>{{ $format->measured($ladder->method->scratchUm($rung->grit), 'µm', 1) }}</td>
                        <td>{{ $format->span($rung->minutes) }}</td>
                        @php($paper = $flat->papers[$r])
                        <td @class(['is-over' => $paper['pieces'] > ($paper['has'] ?? INF)])>{{ $paper['pieces'] }}
                            <small>{{ $paper['has'] === null ? __('stock.not_counted') : __('sand.of', ['n' => $paper['has']])
                                }}@if ($paper['byHand']), {{
                                trans_choice('sand.worn.by_hand', $paper['byHand']) }}@endif</small></td>
                        <td>{{ $flat->isSanded($rung) ? __('sand.sanded') : '' }}</td>
                    </tr>
                @endforeach
            </x-table>
            <p class="cue">{{ $format->cue($step->step) }}</p>
            <x-cautions :step="$step->step" />
            @if ($flat->isNow)
                @include('parts.pass')
                @if ($answer->choice)<x-step-acts :call="$planned" to="part" primary />@endif
            @elseif ($changed = $flat->changed())
                <p class="soft num">{{ $changed }}</p>
            @endif
            <x-why :what="__('sand.ladder')"><p>{{ __('sand.ladder_why') }}</p></x-why>
        </div>
        <div>
            @if ($flat->scale->rows !== [])
                <x-drawing.cut-scale :flat="$flat" :n="$n" :part="$part" />
            @else
                <p class="soft side-note">{{ $flat->cutsClear() }}</p>
            @endif
            <x-drawing.scratches :profile="$flat->profile" :n="$n" />
        </div>
    </div>
    @if (count($flat->ways) > 1)
        <details class="other-ways">
            <summary>{{ __('sand.other_ways') }}</summary>
            <form method="post" action="{{ route('sand.decide', [$part, $step->step->key]) }}" class="way-list">
                @marks
                <x-table :columns="__('sand.way_columns')" :scroll="__('sand.other_ways')" class="num">
                    @foreach ($flat->ways as ['way' => $way, 'minor' => $minor])
                        <tr @class(['is-next' => $way->isCurrent])>
                            <th scope="row" class="way-name">{{ Str::ucfirst($flat->wayName($way)) }}
                                @if ($way->isCurrent)
                                    <span class="soft">{{ __('sand.taken') }}</span>
                                @else
                                    <button class="btn" name="way" value="{{ $way->driven->value }}-{{ $way->from }}"
                                        >{{ __('sand.take') }}<span class="visually-hidden"> {{
                                            $flat->wayName($way, short: true) }}</span></button>
                                @endif</th>
                            <td>{{ $format->span($way->ladder->minutes) }}</td>
                            <td>{{ $flat->wayPapers($way) }}</td>
                            <td>{{ $flat->wayCosts($minor) }}</td>
                            <td>{{ $flat->wayLeaves($way) }}</td>
                            <td>{{ $flat->wayRisk($way) }}</td>
                        </tr>
                    @endforeach
                </x-table>
            </form>
        </details>
    @endif
</details>
