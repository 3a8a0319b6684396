@php($fact = $line->fact)
<tr @class(['is-struck' => $line->struck])>
    <td>
        {{ $format->date($line->happenedMin()) }}
        @if ($kept = $line->keptLater())<small>{{ __('record.kept', ['at' => $format->when($kept)]) }}</small>@endif
    </td>
    <td>
        @if ($line->isChoice())
            {{ $format->word('choice', $fact->step) }}: {{ $format->record($fact->content()) }}
        @else
            <b>{{ $line->step === null ? $fact->step : $format->step($line->saidStep($part)) }}</b>
            {{ $format->record($fact->content()) }}
        @endif
        @if ($line->struck)
            <small>{{ __($line->reason() === '' ? 'record.struck' : 'record.struck_because', [
                'at' => $format->when($line->struckMin()), 'by' => $line->struck->user->initials, 'reason' => $line->reason(),
            ]) }}</small>
        @endif
    </td>
    <td>{{ $fact->air_c === null ? '–' : $format->celsius($fact->air_c) }}</td>
    <td>{{ $fact->user->initials }}</td>
    <td class="no-print">
        @if (! $line->struck && ! $line->isChoice())
            <details class="fold">
                <summary class="btn quiet">@say('record.strike_this')</summary>
                <form method="post" action="{{ route('facts.strike', [$part, $fact]) }}" class="others">
                    @marks
                    <label for="reason-{{ $fact->id }}">{{ __('record.reason') }}</label>
                    <input id="reason-{{ $fact->id }}" name="reason" maxlength="200">
                    <button class="btn">{{ __('record.strike') }}</button>
                </form>
                @if ($others !== [] && $fact->content()::IS_WORK)
                    <form method="post" action="{{ route('facts.move', [$part, $fact]) }}" class="others">
                        @marks
                        <label for="to-{{ $fact->id }}">{{ __('parts.state.move') }}</label>
                        <select id="to-{{ $fact->id }}" name="to_part">
                            @foreach ($others as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach
                        </select>
                        <button class="btn">{{ __('parts.state.move_it') }}</button>
                    </form>
                @endif
            </details>
        @endif
    </td>
</tr>
