<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Bench\Sequence;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\User;
use App\Planning\Letters;
use App\Planning\Planner;
use App\Time\ShopClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OakGloss\Fact\Kind\Remark;
use OakGloss\Fact\Kind\Struck;

/** A part is put on hold, cancelled, taken up again, or deleted while nothing was logged; an act goes to the part that it was done to. */
final class PartStateController
{
    public function __construct(private readonly Planner $planner, private readonly Recorder $recorder)
    {
    }

    public function hold(Part $part, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $this->note($part, $user, (string) __('parts.state.held'));
        $part->update(['held_at' => $clock->now()]);

        return redirect()->route('parts.show', $part)->with('notice', __('parts.state.kept_held'));
    }

    public function cancel(Part $part, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $this->note($part, $user, (string) __('parts.state.cancelled'));
        $part->update(['cancelled_at' => $clock->now(), 'held_at' => null]);

        return redirect()->route('parts.show', $part)->with('notice', __('parts.state.kept_cancelled'));
    }

    public function resume(Part $part, #[CurrentUser] User $user): RedirectResponse
    {
        $tag = $part->letter;
        // While it lay its tag may have gone to another part.
        $isTaken = $part->shop->parts()->open()->whereKeyNot($part->id)->where('letter', $tag)->exists();
        $part->update(['held_at' => null, 'cancelled_at' => null, 'letter' => $isTaken ? Letters::free($part->shop)[0] : $tag]);
        $this->note($part, $user, (string) __('parts.state.resumed'));

        return redirect()->route('parts.show', $part)->with(
            'notice',
            __('parts.state.kept_resumed').($isTaken ? ' '.__('form.mark_anew', ['old' => $tag, 'new' => $part->letter]) : ''),
        );
    }

    public function destroy(Part $part): RedirectResponse
    {
        if ($part->facts()->exists()) {
            throw ValidationException::withMessages(['act' => __('parts.state.has_record')]);
        }
        $part->delete();

        return redirect()->route('parts.index')->with('notice', __('parts.state.deleted', ['part' => $part->name]));
    }

    /** An act that was logged for the wrong part: struck out there, and logged where it was done, at its own time. */
    public function move(Request $request, Part $part, PartFact $fact, Sequence $sequence, #[CurrentUser] User $user): RedirectResponse
    {
        $others = Part::query()->open()->where('shop_id', $user->shop_id)->whereKeyNot($part->id)->pluck('id')->all();
        $given = $request->validate(['to_part' => ['required', 'integer', Rule::in($others)]]);
        $to = Part::query()->findOrFail((int) $given['to_part']);
        $isStruck = $part->facts()->where('kind', Struck::KIND)->whereRaw('json_extract(data, \'$.target\') = ?', [$fact->id])->exists();
        if ($isStruck || ! $fact->content()::IS_WORK) {
            throw ValidationException::withMessages(['strike' => __('acts.not_to_strike')]);
        }
        $planned = $this->planner->plan($to);
        $step = $planned->plan->step($fact->step) === null ? ($planned->plan->next()->step->key ?? $fact->step) : $fact->step;
        $at = (float) $fact->happened_at->getTimestamp() / 60.0;
        $sequence->check($planned, $fact->content()::class, $step, $at);
        $names = ['from' => "{$part->letter} {$part->name}", 'to' => "{$to->letter} {$to->name}"];
        $this->recorder->record($part, $user, $this->planner->floor($part->shop), $fact->step, new Struck(
            $fact->id,
            (string) __('parts.state.moved_to', $names),
        ));
        $this->recorder->record($to, $user, $this->planner->floor($to->shop), $step, $fact->content(), $at);
        $said = new Remark((string) __('parts.state.moved_from', $names));
        $this->recorder->record($to, $user, $this->planner->floor($to->shop), $step, $said);

        return redirect()->route('parts.record', $to)->with('notice', __('parts.state.moved', $names));
    }

    /** In the record, at the step that was next. */
    private function note(Part $part, User $user, string $words): void
    {
        $plan = $this->planner->plan($part)->plan;
        $step = ($plan->next() ?? $plan->lastDone())?->step->key;
        if ($step !== null) {
            $this->recorder->record($part, $user, $this->planner->floor($part->shop), $step, new Remark($words));
        }
    }
}
