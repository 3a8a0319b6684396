{{-- The three changes that would help most. --}}
@inject('choiceWords', 'App\Planning\ChoiceWords')
<section class="card helps" id="helps" aria-labelledby="helps-title">
    <div class="card-head"><h2 id="helps-title">{{ __('parts.helps') }}</h2><x-why :what="__('parts.helps')"><p>{{
        __('parts.helps_why') }}</p></x-why></div>
    @forelse ($helps as $gain)
        @include('parts.gain', ['named' => true])
    @empty
        <p class="soft">{{ __('parts.helps_nothing') }}</p>
    @endforelse
    @if ($anewMin !== null)
        <form method="post" action="{{ route('offers.look') }}" class="anew">@marks
            <p class="soft">{{ __('parts.anew', ['at' => $format->day($anewMin)]) }}</p>
            @can('run', App\Models\Shop::class)<button class="btn quiet">{{ __('parts.look_anew') }}</button>@endcan
        </form>
    @endif
</section>
