<li @class(['has-left' => $person->left_at])>
    <p>
        <b>{{ $person->name }}</b> <span class="soft">{{ $person->initials }} · {{ $person->email }}</span><br>
        <span class="soft">{{ $format->presence($person) }}</span>
    </p>
    @if ($person->left_at)
        <form method="post" action="{{ route('people.back', $person) }}">@marks<button
            class="btn quiet">{{ __('people.take_back') }}</button></form>
    @else
        <form method="post" action="{{ route('people.role', $person) }}" class="one-line">
            @marks @method('PUT')
            <div class="field">
                <label for="role-{{ $person->id }}">{{ __('people.is') }}</label>
                <select id="role-{{ $person->id }}" name="role">
                    @foreach (__('words.role') as $role => $word)
                        <option value="{{ $role }}" @selected($person->role->value === $role)>{{ $word }}</option>
                    @endforeach
                </select>
            </div>
            <button class="btn">{{ __('bench.keep') }}</button>
        </form>
        <div class="acts">
            <form method="post" action="{{ route('people.link', $person) }}">@marks<button
                class="btn quiet">{{ __('people.new_link') }}</button></form>
            @if (! $person->is($me))
                <form method="post" action="{{ route('people.leave', $person) }}">@marks<button
                    class="btn quiet">{{ __('people.has_left') }}</button></form>
            @endif
        </div>
    @endif
</li>
