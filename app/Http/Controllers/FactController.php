<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Bench\Sequence;
use App\Bench\StepSituation;
use App\Http\CupGate;
use App\Http\Doubt;
use App\Http\Requests\ActRequest;
use App\Http\Requests\JudgeRequest;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\User;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Words\Formatter;
use App\Words\Sentences;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Climate\ClimateKind;
use OakGloss\Fact\ChecksCoat;
use OakGloss\Fact\Content;
use OakGloss\Fact\Kind\AirChanged;
use OakGloss\Fact\Kind\Chosen;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\LeftOut;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Refused;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Schedule\ActState;

/** Acts of the bench: each becomes a fact with time, air and person. */
final class FactController
{
    /** Minutes of a pass are asked about beyond so many times those of its step (ours). */
    private const FAR_LONGER = 10.0;

    public function store(
        ActRequest $request,
        Part $part,
        Planner $planner,
        Sequence $sequence,
        Recorder $recorder,
        Formatter $format,
        Sentences $sentences,
        CupGate $gate,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part);
        [$kind, $step] = [$request->kind(), $request->step()];
        $at = $sequence->moment($planned, $request->validated('at'), (int) $request->validated('days_ago'));
        $sequence->check($planned, $kind, $step, $at);
        if ($kind === CoatOn::class) {
            $gate->coat($request, $planned, $step);
        }
        try {
            $content = $kind::typed($request->validated(), new StepSituation($planned, $step, $at));
        } catch (Refused $e) {
            throw ValidationException::withMessages([$e->field => __('facts.'.$kind::KIND.".{$e->phrase}", $e->args)]);
        }
        $this->askWhereFarLonger($request, $content, $planned, $step);
        $this->askWhereJustDone($request, $content, $planned, $step, $at, $user);
        $recorder->record($part, $user, $planned->floor, $step, $content, $at);
        $box = $kind === Done::class ? $this->boxOf($planned, $step, $at) : null;
        if ($box !== null) {
            $recorder->record($part, $user, $planned->floor, $step, $box, $at);
        }
        $isMixed = $kind === Ready::class && $planned->plan->step($step)?->batch !== null;

        return ($isMixed ? redirect()->route('weigh', [$part, $step]) : $this->backTo($request, $part))->with(
            'notice',
            $this->notice($planned, $planner, $format, $sentences, $step, $content, $at),
        );
    }

    /** A pass that took ten times what the whole ladder is planned with is a slip, or worth a second look. */
    private function askWhereFarLonger(ActRequest $request, Content $content, PlannedPart $planned, string $step): void
    {
        $minutes = $content instanceof Sanded ? $content->minutes : null;
        $hands = $planned->plan->step($step)->handsMin ?? INF;
        if ($minutes !== null && $minutes > self::FAR_LONGER * $hands) {
            Doubt::ask($request, 'minutes', (string) $minutes, (string) __('acts.far_longer', [
                'minutes' => (string) round($minutes, 1), 'planned' => (string) round($hands),
            ]), (string) __('acts.sure_minutes', ['minutes' => (string) round($minutes, 1)]));
        }
    }

    /** The same paper over the same zones, logged by another a moment ago: most often that is one pass, told twice. */
    private function askWhereJustDone(
        ActRequest $request,
        Content $content,
        PlannedPart $planned,
        string $step,
        float $at,
        User $user,
    ): void {
        if (! $content instanceof Sanded) {
            return;
        }
        $last = $planned->plan->log->last($step, Sanded::class);
        $row = $last === null ? null : $planned->part->facts->first(fn (PartFact $f): bool => $f->id === $last->id);
        if ($last === null || $row === null || $row->user_id === $user->id || $last->content->grit !== $content->grit
            || $last->content->zone !== $content->zone || $last->content->end === PassEnd::Lows) {
            return;
        }
        $takes = $content->minutes ?? $last->content->minutes ?? $planned->plan->step($step)->handsMin ?? 0.0;
        if ($at - $last->atMin < $takes) {
            $who = $planned->floor->shop->people->first(fn (User $u): bool => $u->id === $row->user_id)->name ?? '';
            Doubt::ask(
                $request,
                'act',
                "pass-{$last->id}",
                (string) __('acts.just_done', ['who' => $who, 'grit' => $content->grit]),
                (string) __('acts.second_pass'),
            );
        }
    }

    public function strike(
        Request $request,
        Part $part,
        PartFact $fact,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(['reason' => ['nullable', 'string', 'max:200']]);
        $isStruck = $part->facts()->where('kind', Struck::KIND)->whereRaw('json_extract(data, \'$.target\') = ?', [$fact->id])->exists();
        if ($isStruck || in_array($fact->kind, [Struck::KIND, Chosen::KIND], true)) {
            throw ValidationException::withMessages(['strike' => __('acts.not_to_strike')]);
        }
        $tag = $part->letter;
        $recorder->record(
            $part,
            $user,
            $planner->floor($part->shop),
            $fact->step,
            new Struck($fact->id, (string) ($given['reason'] ?? '')),
        );
        $now = $part->refresh()->letter;

        return $this->backTo($request, $part)->with(
            'notice',
            __($now === $tag ? 'acts.struck' : 'acts.struck_new_tag', ['old' => $tag, 'new' => $now]),
        );
    }

    /** Says whether a check counts for the resin's pace. The newest word stands; the check itself stays as it was. */
    public function judge(
        JudgeRequest $request,
        Part $part,
        PartFact $fact,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validated();
        abort_unless($fact->content() instanceof ChecksCoat, 404);
        $recorder->record(
            $part,
            $user,
            $planner->floor($user->shop),
            $fact->step,
            new LeftOut($fact->id, (bool) $given['counts'], (string) ($given['reason'] ?? '')),
        );

        return back()->with('notice', __($given['counts'] ? 'acts.counts' : 'acts.left_out'));
    }

    private function backTo(Request $request, Part $part): RedirectResponse
    {
        return $request->input('to') === 'bench' ? redirect()->route('bench') : redirect()->back(fallback: route('parts.show', $part));
    }

    /** The air that a post-cure begun now puts the part into. */
    private function boxOf(PlannedPart $planned, string $key, float $at): ?AirChanged
    {
        $step = $planned->plan->step($key)?->step;

        return $step?->kind !== StepKind::PostCure
            ? null
            : new AirChanged(
                ClimateKind::holding((float) $step->args['c']),
                round($at),
                round($at + 60.0 * $step->args['hours']),
                (float) $step->args['c'],
            );
    }

    /** What lay below a coat when it went on, which may be hours before it is logged. */
    private function belowAt(PlannedPart $before, float $at): ?string
    {
        [$state, $window] = [$before->next?->state, $before->next?->window];
        if ($window !== null && $at < ($window->opens->earlyMin ?? -INF)) {
            return 'coat_wet';
        }
        if ($window !== null && $state !== ActState::Waiting && $at <= ($window->closes->expectedMin ?? INF)) {
            return null;
        }

        return match ($state) {
            ActState::Waiting => 'coat_wet',
            ActState::MissedWait => 'coat_missed',
            ActState::KeyFirst => 'coat_hard',
            default => null,
        };
    }

    /** What was kept, of the step that was logged. */
    private function notice(
        PlannedPart $before,
        Planner $planner,
        Formatter $format,
        Sentences $sentences,
        string $key,
        Content $content,
        float $at,
    ): string {
        $step = $before->plan->step($key);
        $name = $step === null ? $format->stepName($key) : $format->step($step->step);
        $kept = __('acts.done', ['step' => $name, 'what' => lcfirst(Str::after($format->fact($content), "{$name} "))]);
        if ($content instanceof CoatOn) {
            $below = $this->belowAt($before, $at);

            return $below === null ? $kept : $kept.' '.__("acts.{$below}");
        }
        if (! $content instanceof Sanded || $content->end === null) {
            return $kept;
        }
        $plan = $planner->plan($before->part)->plan;

        // What the film asks for is said while this flatting still goes on; afterwards it would speak of the next one.
        return $plan->step($key)?->isDone() === true ? $kept : $kept.' '.implode(' ', $sentences->answer(FilmAnswer::of($plan)));
    }
}
