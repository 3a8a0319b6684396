@use('App\Planning\CheckStands')
@php([$fact, $stands] = [$check->fact, $check->stands])
<li @class(['is-asking' => $stands === CheckStands::Asks, 'is-out' => $stands === CheckStands::LeftOut])>
    <p class="num">
        {{ __('shelf.pace.check', [
            'at' => $format->when(App\Time\ShopTime::minutes($fact->happened_at)), 'said' => $format->check($check->said),
            'age' => $format->span($check->ageMin),
        ]) }}
        <span class="soft">{{ $fact->user->initials }}, {{ lcfirst($format->stepName($fact->step)) }}</span>
    </p>
    @if ($stands === CheckStands::Asks)
        <p class="finding is-warn">@say('shelf.pace.far_off', ['share' => $format->percent(App\Planning\PaceBook::FAR_OFF)])</p>
    @endif
    @if ($stands === CheckStands::LeftOut)<p class="soft">{{ __('shelf.pace.left_out', ['reason' => $check->reason]) }}</p>@endif
    @if ($stands !== CheckStands::Counts)
        <form method="post" action="{{ route('facts.judge', [$fact->part_id, $fact]) }}">
            @marks
            <input type="hidden" name="counts" value="1">
            <button class="btn quiet">{{ __('shelf.pace.counts') }}</button>
        </form>
    @endif
    @if ($stands !== CheckStands::LeftOut)
        <form method="post" action="{{ route('facts.judge', [$fact->part_id, $fact]) }}" class="one-line">
            @marks
            <input type="hidden" name="counts" value="0">
            <div class="field">
                <label for="reason-{{ $fact->id }}">{{ __('shelf.pace.because') }}</label>
                <input id="reason-{{ $fact->id }}" name="reason" maxlength="200" required>
            </div>
            <button class="btn quiet">{{ __('shelf.pace.leave_out') }}</button>
        </form>
    @endif
</li>
