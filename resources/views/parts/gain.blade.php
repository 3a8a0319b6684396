{{-- A value that may be taken, with what it changes. --}}
<form method="post" action="{{ route('parts.choice', $part) }}">
    @marks @method('PUT')
    <input type="hidden" name="field" value="{{ $gain->choice->field }}">
    <button name="value" value="{{ $gain->choice->value }}" class="priced">
        <b>@if ($named ?? false)<span class="soft">{{ $format->word('choice', $gain->choice->field) }}</span> @endif{{
            $choiceWords->option($gain->choice->field, $gain->choice->value) }}</b>
        <span class="num">{{ $choiceWords->gain($gain) }}</span>
        @if (! ($named ?? false) && $why = $choiceWords->optionWhy($gain->choice->field, $gain->choice->value))
            <span class="soft">{{ $why }}</span>
        @endif
    </button>
</form>
