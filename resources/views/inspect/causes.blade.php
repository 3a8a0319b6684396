<section class="card suspected" aria-labelledby="cause-head">
    <div class="card-head">
        <h2 id="cause-head">{{ __('inspect.cause') }}</h2>
        <p class="soft">{{ __('inspect.cause_note') }}</p>
    </div>
    @if (($look = $page->lookFor()) && auth()->user()->can('work', $part))
        <form method="post" action="{{ route('defects.told', [$part, $page->of->id]) }}" class="tell">
            @marks
            <input type="hidden" name="cause" value="{{ $look->value }}">
            <h3>{{ __('inspect.tell') }}</h3>
            <p>{{ __("inspect.tells.{$look->value}") }}
                <span class="soft">{{ __('inspect.tell_why', ['other' => lcfirst($page->other())]) }}</span></p>
            <div class="acts">
                <button class="btn" name="is_so" value="1">{{ __('inspect.yes') }}</button>
                <button class="btn" name="is_so" value="0">{{ __('inspect.no') }}</button>
            </div>
        </form>
    @endif
    <ol class="suspects">
        @foreach ($page->ranking->suspects as $suspect)
            <li>
                <h3>{{ $format->word('cause', $suspect->cause) }} <b class="num">{{ __('inspect.cause_share', [
                    'percent' => round(100 * $suspect->share),
                ]) }}</b></h3>
                <span class="share" aria-hidden="true"><i data-share="{{ (int) round(100 * $suspect->share) }}"></i></span>
                @if ($suspect->for() !== [])
                    <p><b>{{ __('inspect.speaks_for') }}:</b> {{ implode('; ', array_map($page->sign(...), $suspect->for())) }}</p>
                @endif
                @if ($suspect->against() !== [])
                    <p class="soft"><b>{{ __('inspect.speaks_against') }}:</b>
                        {{ implode('; ', array_map($page->sign(...), $suspect->against())) }}</p>
                @endif
                @if ($suspect->for() === [] && $suspect->against() === [])
                    <p class="soft">{{ __('inspect.on_record_nothing', ['prior' => round($suspect->prior)]) }}</p>
                @endif
                @if ($loop->first)<p><b>{{ __('inspect.next_time') }}:</b> {{ $format->prevents($suspect->cause->value) }}</p>@endif
            </li>
        @endforeach
    </ol>
    <x-why :what="__('inspect.cause_of')"><p>{{ __('inspect.why') }}</p>
        <ul>@foreach ($page->ranking->suspects as $suspect)
            <li>
                {{ $format->word('cause', $suspect->cause) }}: {{ __('inspect.prior', ['prior' => round($suspect->prior)]) }}
                @foreach ($suspect->signs as $sign)
                    · {{ $page->sign($sign) }} {{ __('inspect.factor', ['factor' => number_format($sign->factor, 2)]) }}
                @endforeach
            </li>
        @endforeach</ul>
    </x-why>
</section>
