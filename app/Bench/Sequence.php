<?php

declare(strict_types=1);

namespace App\Bench;

use App\Planning\PlannedPart;
use App\Time\ShopTime;
use App\Words\Formatter;
use Illuminate\Validation\ValidationException;
use OakGloss\Cure\Milestone;
use OakGloss\Fact\ChecksCoat;
use OakGloss\Fact\Content;
use OakGloss\Fact\Kind\CupLeft;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;

/** Steps are done one after the other: what may be recorded of which, and from when on. */
final class Sequence
{
    public function __construct(private readonly Formatter $format)
    {
    }

    /**
     * @param class-string<Content> $kind
     *
     * @throws ValidationException If another device was faster, or the step is not the next one.
     */
    public function check(PlannedPart $planned, string $kind, string $key, float $at): void
    {
        if ($this->isLayInTime($planned, $kind, $key, $at)) {
            return;
        }
        $step = $planned->plan->step($key) ?? $this->refuse('no_step');
        if (is_a($kind, ChecksCoat::class, true)) {
            $planned->plan->lastCoat()?->step->key === $key || $this->refuse('not_newest');

            return;
        }
        // What a cup kept back is said once its coat is on.
        if ($kind === CupLeft::class) {
            $step->isDone() && ! $step->skipped && $step->batch !== null || $this->refuse('not_on_yet');

            return;
        }
        $this->checkTurn($planned, $step, $kind === Ready::class ? $planned->plan->log->last($key, Ready::class)?->atMin : null);
        $kind::fits($step->step->kind) || $this->refuse('not_its_act', ['step' => $this->format->step($step->step)]);
    }

    private function checkTurn(PlannedPart $planned, PlannedStep $step, ?float $readyAt): void
    {
        $name = $this->format->step($step->step);
        $next = $planned->plan->next();
        if ($step->isDone()) {
            $this->refuse($step->skipped ? 'kept_skipped' : 'kept', ['step' => $name, 'at' => $this->format->when($step->doneAtMin)]);
        }
        if ($next?->step->key !== $step->step->key) {
            $this->refuse(
                $next === null ? 'none_next' : 'not_next',
                ['step' => $name, 'next' => $next === null ? '' : $this->format->step($next->step)],
            );
        }
        if ($readyAt !== null) {
            $this->refuse('ready_kept', ['step' => $name, 'at' => $this->format->when($readyAt)]);
        }
    }

    /**
     * The minute of a typed time, or now.
     *
     * @throws ValidationException If it is still ahead, or before what was done last.
     */
    public function moment(PlannedPart $planned, ?string $at, int $daysAgo): float
    {
        $now = $planned->floor->nowMin;
        if ($at === null) {
            return $now;
        }
        $time = $planned->floor->time;
        $typed = ShopTime::minutes($time->local($now)->subDays($daysAgo)->setTimeFromTimeString($at));
        if ($typed > $now) {
            throw ValidationException::withMessages(['at' => __('acts.ahead', ['at' => $at, 'now' => $time->local($now)->format('H:i')])]);
        }
        $last = $planned->plan->lastDone()?->doneAtMin;
        // A clock shows no seconds: the minute in which the last thing was done is not before it.
        if ($last !== null && $typed < floor($last + 1e-6)) {
            $moments = ['at' => $time->local($typed)->format('D H:i'), 'last' => $time->local($last)->format('D H:i')];

            throw ValidationException::withMessages(['at' => __('acts.before_last', $moments)]);
        }

        return max($typed, $last ?? $typed);
    }

    /**
     * Cloth that was begun in its base's window and is logged when that has closed: the plan had turned to a tack coat
     * meanwhile, which it does not need.
     *
     * @param class-string<Content> $kind
     */
    private function isLayInTime(PlannedPart $planned, string $kind, string $key, float $at): bool
    {
        $lay = $planned->plan->step($key);
        $under = $planned->plan->lastCoat();
        if ($kind !== Done::class
            || $lay?->step->kind !== StepKind::Lay
            || ! in_array($planned->plan->next()?->step->role, [Role::Wash, Role::KeyBase], true)
            || $planned->plan->all(Role::KeyBase) === []
            || $under?->doneAtMin === null) {
            return false;
        }
        $clocks = $planned->schedule->clocks;
        $closes = $clocks->forecastOf($under)->event(Milestone::TackUntil, $under->doneAtMin, $clocks->paceOf($under))->expectedMin;

        return $closes !== null && $at - $lay->handsMin <= $closes;
    }

    /** @param array<string, string> $args */
    private function refuse(string $why, array $args = []): never
    {
        throw ValidationException::withMessages(['act' => __("acts.{$why}", $args)]);
    }
}
