{{-- What is not well with the shop's server: for its owner, once a day. --}}
@if ($told !== [])
<section class="card health-told" aria-labelledby="health-title">
    <h2 id="health-title">{{ __('health.told') }}</h2>
    @foreach ($told as $line)
        <p @class(['finding', 'is-stop' => $line->state === App\Health\State::Bad, 'is-warn' => $line->state !== App\Health\State::Bad])>
            <b>{{ __("health.what.{$line->what}") }}</b> {{ App\View\Page\HealthWords::of($line, $format) }}</p>
    @endforeach
    <form method="post" action="{{ route('health.seen') }}" class="row-fields">
        @marks
        <a class="btn quiet" href="{{ route('health') }}">{{ __('health.look') }}</a>
        <button class="btn">{{ __('health.seen') }}</button>
    </form>
</section>
@endif
