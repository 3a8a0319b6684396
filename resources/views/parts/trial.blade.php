{{-- A trial panel: what it taught, and what it would still teach. --}}
<section class="card trial" aria-labelledby="trial-title">
    <h2 id="trial-title">{{ __('parts.trial.title') }}</h2>
    <dl class="asked">
        @foreach ($taught->lines() as $line)
            <div><dt>{{ __("parts.trial.of.{$line['what']}") }}</dt>
                <dd>@if ($line['says'] !== null){{ $line['says'] }}@else<a href="{{ $line['url'] }}">{{
                    __("parts.trial.still.{$line['what']}") }}</a>@endif</dd></div>
        @endforeach
    </dl>
    <p class="soft">{{ __('parts.trial.agreed') }}</p>
</section>
