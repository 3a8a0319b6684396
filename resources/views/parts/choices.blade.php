{{-- A line a choice with what stands; opened, each other value says only what differs. --}}
@inject('choiceWords', 'App\Planning\ChoiceWords')
<section class="card choices" aria-labelledby="choices-title" id="choices">
    <h2 id="choices-title">{{ __('parts.choices') }}</h2>
    @foreach ($groups as $group)
        <details class="choice line-fold" name="choice">
            <summary>
                <b>{{ $format->word('choice', $group->field) }}</b>
                @if ($group->stands)
                    {{ $choiceWords->option($group->field, $group->stands->value) }}
                    @if ($group->field === 'build_coats')<span class="soft">{{
                        __($part->build_coats === null ? 'parts.fewest' : 'parts.by_hand', [
                            'target' => $format->percent($plan->shop->targetBurnThrough),
                        ])
                    }}</span>@endif
                @else
                    {{ trans_choice('parts.pairs', count($group->others)) }}
                @endif
            </summary>
            <div class="choice-of" id="choice-{{ $group->field }}">
                @if ($group->stands && $why = $choiceWords->optionWhy($group->field, $group->stands->value))
                    <p class="soft">{{ $why }}</p>
                @endif
                @foreach ($group->others as $gain)@include('parts.gain')@endforeach
                @if ($group->nothing !== [])
                    <details class="line-fold"><summary>{{ trans_choice('parts.changes_nothing', count($group->nothing)) }}</summary>
                        @foreach ($group->nothing as $gain)@include('parts.gain')@endforeach
                    </details>
                @endif
                @if ($group->refused !== [])
                    <details class="line-fold"><summary>{{ trans_choice('parts.cant', count($group->refused)) }}</summary>
                        <ul class="plain-list">
                            @foreach ($group->refused as $option)
                                <li><b>{{ $choiceWords->option($group->field, $option->value) }}</b>
                                    {{ $choiceWords->refusal($option) }}</li>
                            @endforeach
                        </ul>
                    </details>
                @endif
            </div>
        </details>
    @endforeach
</section>
