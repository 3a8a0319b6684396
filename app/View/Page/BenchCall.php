<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Bench\Cup;
use App\Planning\PlannedPart;
use App\Words\Formatter;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\CupLeft;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Look;
use OakGloss\Method\Finding;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;
use OakGloss\Plan\ClearPlan;
use OakGloss\Plan\DefectState;
use OakGloss\Plan\LookDue;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\MixAhead;
use OakGloss\Schedule\NextAct;

/** What the bench shows of an open part: its next step, when, and with what. */
final readonly class BenchCall
{
    /** A step that the run sheet has sooner than this is not said to be later, minutes. */
    private const SOON_MIN = 10.0;

    /** And before a mixed cup gels. */
    private const CUP_REMIND_MIN = 5.0;

    /** Reminded so long before the sure part of a window ends, minutes. */
    private const REMIND_MIN = 15.0;

    /** What may be done any time is asked for again after so long, minutes (ours). */
    private const NOT_YET_MIN = 15.0;

    /** A cup is weighed empty before it is thrown away: so long after its coat, minutes (ours). */
    private const LEFTOVER_WITHIN_MIN = 90.0;

    /** A look is asked for so long after what it looks at, minutes. */
    private const LOOK_WITHIN_MIN = 1440.0;

    public NextAct $next;

    public PlannedStep $step;

    public ?PlannedStep $coat;

    public function __construct(public PlannedPart $planned, private Formatter $format)
    {
        $this->next = $planned->next ?? throw new \InvalidArgumentException('a finished part is not called');
        $this->step = $this->next->step;
        $this->coat = $planned->plan->lastCoat();
    }

    /** What went on last: a coat of resin, or the clear over it. */
    public function wentOn(): ?PlannedStep
    {
        $laid = array_values(array_filter(
            $this->planned->plan->steps,
            fn (PlannedStep $s): bool => in_array($s->step->kind, [StepKind::Coat, StepKind::Spray], true) && $s->isDone() && ! $s->skipped,
        ));

        return $laid === [] ? null : $laid[count($laid) - 1];
    }

    /** The coat whose cup may still be weighed: on for a short while, and nobody said yet what stayed in it. */
    public function leftoverOf(): ?PlannedStep
    {
        $log = $this->planned->plan->log;
        $on = $this->coat?->doneAtMin;

        return $this->coat === null || $on === null || $this->planned->floor->nowMin - $on > self::LEFTOVER_WITHIN_MIN
            || $log->weighedG($this->coat->step->key, 'resin') <= 0.0 || $log->last($this->coat->step->key, CupLeft::class) !== null
            ? null : $this->coat;
    }

    public function is(string ...$states): bool
    {
        return in_array($this->next->state->value, $states, true);
    }

    public function title(): string
    {
        $step = $this->format->step($this->step->step);

        return $this->next->state === ActState::KeyFirst ? (string) __('bench.key_first', ['step' => lcfirst($step)]) : $step;
    }

    /** What is to be done: in an open window the sign to look for comes first. */
    public function do(): string
    {
        $cue = $this->is('open') ? $this->format->cue($this->step->step).' ' : '';

        $again = $this->next->wipeAgain ? __('bench.wipe_again').' ' : '';

        return $this->is('key_first')
            ? (string) __('bench.key_do', ['since' => $this->format->when($this->next->keyFromMin)])
            : $again.$cue.$this->format->stepDo($this->step->step);
    }

    /** Its first sentence: what hands begin with. */
    public function begins(): string
    {
        return (string) preg_replace('/(?<=\.) .*$/su', '', $this->do());
    }

    /** What follows it; empty where the first sentence says all. */
    public function goesOn(): string
    {
        return trim(substr($this->do(), strlen($this->begins())));
    }

    /** The clear that is due, if one is. */
    public function clear(): ?ClearPlan
    {
        return $this->planned->plan->clearOf($this->step);
    }

    /** @return list<Finding> what the air says of the clear */
    public function clearGates(): array
    {
        return $this->clear() === null ? [] : $this->planned->clearGates($this->clear());
    }

    /** The one time that tells of it: the end of its window, when it may begin, or where the run sheet has it. */
    public function timeWords(): string
    {
        $at = $this->laterAt();

        return match (true) {
            $this->is('open') => (string) __('bench.row_closes', ['at' => $this->format->when($this->next->changesAtMin())]),
            $this->is('waiting') && $this->next->window !== null => (string) __('bench.row_window', [
                'spread' => $this->format->between($this->next->window->opens->expectedMin, $this->next->window->closes->expectedMin),
            ]),
            $at !== null => (string) __('bench.row_at', ['at' => $this->format->when($at)]),
            $this->is('waiting') => (string) __('bench.row_ready', ['at' => $this->format->when($this->next->changesAtMin())]),
            $this->is('missed_wait') => (string) __('bench.row_sandable', ['at' => $this->format->when($this->next->keyFromMin)]),
            default => (string) __('bench.row_now'),
        };
    }

    /** Whether hands that are free may begin it, though the run sheet has it later. */
    public function mayBeginNow(): bool
    {
        return $this->next->needsHandsNow() && ! $this->is('open') && $this->laterAt() !== null;
    }

    /** The sign to look for, where it does not come first. */
    public function cue(): ?string
    {
        return $this->is('open', 'key_first') ? null : $this->format->cue($this->step->step);
    }

    /** The look that the part's newest coat or flatting asks for, while that is of today. */
    public function look(): ?LookDue
    {
        $look = LookDue::of($this->planned->plan, $this->planned->floor->nowMin);
        $since = $this->planned->floor->nowMin - ($look->step->doneAtMin ?? -INF);

        return $look === null || $look->next() === null || $look->isFound || $since > self::LOOK_WITHIN_MIN ? null : $look;
    }

    /** A look that helps in these minutes alone: told of a part that is not due, too. */
    public function hasFreshLook(): bool
    {
        return in_array($this->look()?->next(), [Look::Wet, Look::Drips], true);
    }

    /** As a button is named to who does not see beside what it stands. */
    public function name(): string
    {
        return $this->planned->part->letter.' '.lcfirst($this->title());
    }

    public function lookTitle(LookDue $look): string
    {
        return (string) __("inspect.look_after.{$look->moment->value}", ['step' => lcfirst($this->format->step($look->step->step))]);
    }

    public function isLay(): bool
    {
        return $this->step->step->kind === StepKind::Lay;
    }

    public function isMixed(): bool
    {
        return $this->step->batch !== null;
    }

    /** @return list<Fact<Found|WentWrong>> what is open on the part, where the next step would go over it */
    public function stoppedBy(): array
    {
        // A wash belongs to the paper that it is for.
        $for = $this->step->step->role === Role::Wash ? $this->planned->plan->ahead()[1] ?? $this->step : $this->step;

        return DefectState::stopping($this->planned->plan, $for->step->kind);
    }

    /** @param Fact<Found|WentWrong> $stop */
    public function wordOf(Fact $stop): string
    {
        $is = $stop->content;

        return $is instanceof Found ? $this->format->word('defect', $is->defect) : $this->format->word('mishap', $is->mishap);
    }

    /** @return list<Finding> that a coat below was no mix, until a nail has tried it */
    public function noMix(): array
    {
        return array_values(array_filter(
            $this->planned->plan->findings,
            fn (Finding $finding): bool => str_starts_with($finding->code, 'no_mix.'),
        ));
    }

    /** @return list<Finding> why the plan keys where it could bond */
    public function choiceOfKey(): array
    {
        return array_values(array_filter(
            $this->planned->schedule->findings(),
            fn (Finding $finding): bool => $finding->code === 'schedule.rather_key',
        ));
    }

    /** @return list<Finding> what air and film say of the coat before it is mixed */
    public function beforeTheMix(): array
    {
        return ! $this->isMixed() || $this->is('key_first') ? [] : [
            ...$this->planned->gates($this->step),
            ...array_filter($this->planned->plan->findings, fn (Finding $finding): bool => $finding->code === 'film.runs'),
        ];
    }

    public function mixAhead(string ...$states): ?MixAhead
    {
        return $this->isMixed() && $this->is(...$states) ? $this->planned->mixAhead() : null;
    }

    public function cup(): ?Cup
    {
        return $this->isMixed() ? Cup::forStep($this->planned, $this->step->step->key) : null;
    }

    /** Until when a cup that is mixed has to be on the part, minute; null where none is. */
    public function cupUseBy(): ?float
    {
        $cup = $this->cup();

        return $cup?->mixedAtMin() === null ? null : $cup->useByMin();
    }

    /** Whether a mixed cup is past its time: it goes outside. */
    public function isCupOver(): bool
    {
        return $this->cupUseBy() !== null && $this->cupUseBy() <= $this->planned->floor->nowMin;
    }

    /** How sure an open window still is, after its end. */
    public function sureWords(): string
    {
        $sure = $this->next->window?->sure();

        return $sure === null ? '' : (string) __(
            $sure['until'] > $this->planned->floor->nowMin ? 'bench.surely' : 'bench.sure_ended',
            ['at' => $this->format->when($sure['until'])],
        );
    }

    public function leftMin(): float
    {
        return ($this->next->changesAtMin() ?? $this->planned->floor->nowMin) - $this->planned->floor->nowMin;
    }

    /** When the run sheet has the step, where it lets the open window go by; else null. */
    public function letGoBy(): ?float
    {
        $start = $this->planned->slot()?->startMin;

        return $this->is('open') && $start !== null && $start > $this->next->changesAtMin() ? $start : null;
    }

    /** When the run sheet has the step, if that is not about now. */
    public function laterAt(): ?float
    {
        $start = $this->planned->slot()?->startMin;

        return $start !== null && $start > $this->planned->floor->nowMin + self::SOON_MIN ? $start : null;
    }

    private function spreadOfWait(): ?string
    {
        return $this->step->step->follow->coat === null ? null : $this->format->spread($this->next->window->opens ?? $this->next->ready);
    }

    public function leavesOnWorst(): ?string
    {
        return $this->format->leaves($this->step);
    }

    /** Where nothing is due now: what comes next, and when. */
    public function nextWords(): string
    {
        $spread = $this->spreadOfWait();

        return (string) __($spread === null ? 'bench.next_at' : 'bench.next_between', [
            'step' => $this->format->step($this->step->step),
            'at' => $this->format->when($this->planned->slot()->startMin ?? $this->next->changesAtMin()),
            'spread' => (string) $spread,
        ]);
    }

    /** When to be reminded, minute; null where nothing is awaited. */
    public function remindAtMin(): ?float
    {
        $mixed = $this->cupUseBy();
        if ($mixed !== null) {
            return max($this->planned->floor->nowMin, $mixed - self::CUP_REMIND_MIN);
        }
        $changes = $this->is('waiting', 'missed_wait', 'open') ? $this->next->changesAtMin() : null;

        return $changes === null || ! $this->is('open')
            ? $changes
            : max($this->planned->floor->nowMin, ($this->next->window?->sure()['until'] ?? $changes) - self::REMIND_MIN);
    }

    /** When *not yet* asks again, minute: before the sure part ends, or soon where nothing closes. */
    public function notYetMin(): float
    {
        return $this->remindAtMin() ?? $this->planned->floor->nowMin + self::NOT_YET_MIN;
    }

    public function reminder(): string
    {
        if ($this->cupUseBy() !== null) {
            return (string) __('bench.remind_cup', [
                'letter' => $this->planned->part->letter,
                'at' => $this->format->when($this->cupUseBy()),
            ]);
        }

        return (string) __($this->is('open') ? 'bench.remind_ends' : 'bench.remind_due', [
            'letter' => $this->planned->part->letter,
            'step' => $this->format->step($this->step->step),
        ]);
    }
}
