<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Cure\TackWindow;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Severity;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;

/** What a mix begun at a moment commits hands to: the window that it opens, and whether anybody can be there. Minutes. */
final readonly class MixAhead
{
    private const STEP_MIN = 15.0;
    /** A better start is looked for so far ahead. */
    private const LOOK_AHEAD_MIN = 4320.0;

    /**
     * @param PlannedStep $next     what goes into the window
     * @param float|null  $atMin    when hands can do it in the window; null where they can't
     * @param float|null  $beginMin the next start of this mix from which they can
     */
    private function __construct(public PlannedStep $next, public TackWindow $window, public ?float $atMin, public ?float $beginMin)
    {
    }

    /**
     * Null where nothing has to go into a window of this coat.
     *
     * @param float $latestMin the coat itself may begin no later, for its own window's sake
     */
    public static function of(StepsAhead $chain, PlannedStep $coat, float $startMin, Diary $free, float $latestMin = INF): ?self
    {
        $next = null;
        foreach ($chain->plan->ahead() as $step) {
            if ($step->step->follow->kind === FollowKind::Tacky && $step->step->follow->coat === $coat->step->key) {
                $next = $step;
                break;
            }
        }
        if ($next === null || $coat->isDone()) {
            return null;
        }
        $window = self::windowOf($chain, $coat, $startMin);
        $at = self::handsIn($window, $coat, $next, $chain, $free);
        $begin = null;
        for ($start = self::STEP_MIN * ceil($startMin / self::STEP_MIN); $at === null && $begin === null && $start <= min(
            $latestMin,
            $startMin + self::LOOK_AHEAD_MIN,
        ); $start += self::STEP_MIN) {
            $isStaffed = array_filter(
                $free->windows(1),
                fn (array $w): bool => $w[0] <= $start && $w[1] >= $start + $coat->handsMin,
            ) !== [];
            $begin = $isStaffed && self::handsIn(self::windowOf($chain, $coat, $start), $coat, $next, $chain, $free) !== null
                ? $start
                : null;
        }

        return new self($next, $window, $at, $begin);
    }

    /** Says that nobody can be there; null where somebody can. */
    public function finding(): ?Finding
    {
        return $this->atMin !== null ? null : new Finding(Severity::Warn, match (true) {
            $this->next->step->kind === StepKind::Lay => 'mix_ahead.missed',
            $this->beginMin === null => 'mix_ahead.keyed_anyway',
            default => 'mix_ahead.keyed',
        }, [
            'next' => $this->next->step->name,
            'opens' => $this->window->opens->expectedMin ?? INF,
            'closes' => $this->window->closes->expectedMin ?? INF,
            'begin' => $this->beginMin ?? INF,
        ]);
    }

    private static function windowOf(StepsAhead $chain, PlannedStep $coat, float $startMin): TackWindow
    {
        return $chain->clocks->forecastOf($coat)->window($startMin + $coat->handsMin);
    }

    /** When hands can begin so that the last-laid resin is tacky, and the first-laid still bonds. */
    private static function handsIn(TackWindow $window, PlannedStep $coat, PlannedStep $next, StepsAhead $chain, Diary $free): ?float
    {
        [$opens, $closes] = [$window->opens->expectedMin, $window->closes->expectedMin];
        if ($opens === null || $closes === null) {
            return null;
        }
        foreach ($free->windows(max(1, min($chain->people($next), count($free->crew->people)))) as [$from, $until]) {
            $at = max($from, $opens);
            // First-laid resin is older by the coat's own hands: it must still bond when the next coat begins there.
            if ($at + $next->handsMin <= min($until, $closes) + 1e-6 && $at <= $closes - $coat->handsMin + 1e-6) {
                return $at;
            }
        }

        return null;
    }
}
