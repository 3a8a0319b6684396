<section class="card" aria-labelledby="exceptions-title">
    <h2 id="exceptions-title">{{ __('shop.exceptions') }}</h2>
    <ul class="feeds">
        @forelse ($exceptions as $exception)
            <li>
                <span class="num">{{ __('shop.exception', [
                    'day' => $format->dayOf($exception->day), 'who' => $exception->user->name ?? __('shop.everybody'),
                    'hours' => App\Words\Spans::words($exception->spans) ?: __('shop.nobody'),
                ]) }}@if ($exception->because) <i>{{ $exception->because }}</i>@endif</span>
                <form method="post" action="{{ route('hours.withdraw', $exception) }}">
                    @marks @method('DELETE')
                    <button class="btn quiet">{{ __('shop.withdraw') }}</button>
                </form>
            </li>
        @empty
            <li class="soft">{{ __('shop.none_ahead') }}</li>
        @endforelse
    </ul>
    <form method="post" action="{{ route('hours.store') }}" class="grid-3" novalidate>
        @marks
        <x-field name="day" :label="__('shop.day')" type="date" :value="$floor->time->local($floor->nowMin)->toDateString()" />
        <x-pick name="who" :label="__('shop.whose')" :choices="['' => __('shop.everybody')] + $people->pluck('name', 'id')->all()" />
        <x-field name="spans" :label="__('shop.hours')" placeholder="08:00-12:30" :hint="__('shop.hours_empty')" />
        <x-field name="because" :label="__('shop.because')" maxlength="80" />
        <p class="form-foot"><button class="btn">{{ __('bench.keep') }}</button></p>
    </form>
    <div>
        @foreach ($people->where('at_bench', true) as $person)
            <form method="post" action="{{ route('hours.home', $person) }}" class="inline">
                @marks
                <button class="btn quiet">{{ __('shop.goes_home', ['name' => $person->name]) }}</button>
            </form>
        @endforeach
    </div>
</section>
