{{-- What is sought among the parts. --}}
<details class="card line-fold sought" @if ($list->isSought()) open @endif>
    <summary>{{ __('parts.seek.title') }}</summary>
    <form method="get" action="{{ route('parts.index') }}" role="search">
        <div class="field">
            <label for="seek">{{ __('parts.seek.words') }}</label>
            <input id="seek" type="search" name="q" value="{{ $list->words }}" maxlength="60">
        </div>
        @foreach ([
            'method' => array_map(fn ($m) => __('methods.'.$m::code().'.name'), OakGloss\Method\Methods::all()),
            'state' => array_combine($list::STATES, array_map(fn ($s) => __("parts.seek.states.{$s}"), $list::STATES)),
            'person' => $people->pluck('name', 'id')->all(),
            'month' => array_combine($months, array_map(fn ($m) => Carbon\CarbonImmutable::parse($m)->format('F Y'), $months)),
        ] as $name => $options)
            <div class="field">
                <label for="seek-{{ $name }}">{{ __("parts.seek.{$name}") }}</label>
                <select id="seek-{{ $name }}" name="{{ $name }}">
                    <option value="">{{ __('parts.seek.any') }}</option>
                    @foreach ($options as $value => $says)
                        <option value="{{ $value }}" @selected((string) $list->{$name} === (string) $value)>{{ $says }}</option>
                    @endforeach
                </select>
            </div>
        @endforeach
        <p class="form-foot"><button class="btn">{{ __('app.find') }}</button>
            @if ($list->isSought())<a class="btn quiet" href="{{ route('parts.index') }}">{{ __('parts.seek.all') }}</a>@endif</p>
    </form>
</details>
