@inject('choiceWords', 'App\Planning\ChoiceWords')
@if ($priced !== [])
<section class="card" aria-labelledby="choices-title" id="choices">
    <h2 id="choices-title">{{ __('parts.choices') }}</h2>
    @foreach ($priced as $field => $options)
        <fieldset class="choice">
            <legend>{{ $format->word('choice', $field) }}@if ($field === 'build_coats')<span class="soft"> · {{
                __($part->build_coats === null ? 'parts.fewest' : 'parts.by_hand', [
                    'target' => $format->percent($plan->shop->targetBurnThrough),
                ])
            }}</span>@endif</legend>
            @foreach ($options as $option)
                <form method="post" action="{{ route('parts.choice', $part) }}">
                    @marks @method('PUT')
                    <input type="hidden" name="field" value="{{ $field }}">
                    <button name="value" value="{{ $option->value }}" @class(['priced', 'is-taken' => $option->isCurrent])
                        aria-pressed="{{ $option->isCurrent ? 'true' : 'false' }}" @disabled($option->refusal && ! $option->isCurrent)>
                        <b>{{ $choiceWords->option($field, $option->value) }}</b>
                        <span class="soft">{{ $choiceWords->optionWhy($field, $option->value) }}</span>
                        <span class="num">{{ $choiceWords->price($option) }}</span>
                    </button>
                </form>
            @endforeach
        </fieldset>
    @endforeach
</section>
@endif
