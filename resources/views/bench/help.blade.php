{{-- Who calls for hands: on every bench of the shop, until somebody comes. --}}
@inject('format', 'App\Words\Formatter')
<div id="help-calls">
@foreach ($calls as $call)
    <form method="post" action="{{ route('help.answer', $call) }}" class="notice is-stop help-call" role="alert"
        data-call="{{ $call->id }}">
        @marks
        <p>@if ($call->part)<x-tag :part="$call->part" class="small" /> @endif
            {{ __('bench.help.needs', [
                'name' => $call->user->name, 'at' => $format->when(App\Time\ShopTime::minutes($call->called_at)),
            ]) }}</p>
        <button class="btn">{{ __($call->user->is(auth()->user()) ? 'bench.help.done' : 'bench.help.come') }}</button>
    </form>
@endforeach
</div>
