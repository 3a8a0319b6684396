@inject('format', 'App\Words\Formatter')
<x-layouts.app :title="__('turn.title')">
<div class="page turn-page">
    <header class="page-head">
        <h1>{{ __('turn.head') }}</h1>
        <a class="btn quiet" href="{{ route('run-sheet') }}">{{ __('app.rooms.run-sheet') }}</a>
    </header>
    @if ($chosen === null)
        <section class="card calm"><p>{{ __('turn.none') }}</p></section>
    @else
        <form class="card turn-form" method="get" action="{{ route('turn') }}" novalidate>
            <x-field name="free" :label="__('turn.free')" :value="$words" :placeholder="__('turn.example')" maxlength="200" required />
            <x-pick name="part" :label="__('parts.one')" :choices="array_map(fn ($p) => $p->part->letter.' '.$p->part->name, $able)"
                :value="$chosen->part->id" />
            @if (count($pool) > 1)
                <label class="tick"><input type="checkbox" name="pool" value="1" @checked(count($parts) > 1)>
                    {{ __('turn.pool', ['letters' => implode(', ', array_map(fn ($p) => $p->part->letter, $pool))]) }}</label>
            @endif
            <button class="btn go">{{ __('turn.find') }}</button>
        </form>
        @if ($free !== null && $ways === [])<p class="finding is-warn">@say('turn.nothing')</p>@endif
        @foreach ($ways as $n => $found)
            @include('run-sheet.turned', ['way' => $found['way']])
        @endforeach
        @if ($warms)<p class="soft">{{ __('turn.warms') }}</p>@endif
    @endif
</div>
</x-layouts.app>
