<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Abrasion\LadderStep;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;

/** What each paper of a flatting takes from each zone, and what is left over the weave's crowns, to one scale. */
final readonly class CutScale
{
    public const WIDTH = 600.0;
    private const LEFT = 120.0;

    /**
     * @param list<array{state: ZoneState, byHand: bool, bars: list<array{grit: int, fromX: float, toX: float, leftUm: float, isDone: bool}>, leftX: float, leftUm: float, doubtUm: float, doubtX: float, riskClass: string}> $rows
     * @param list<array{x: float, label: string}>                                                                                                                                                                            $ticks
     */
    private function __construct(public array $rows, public array $ticks, public float $zeroX, public float $mostUm)
    {
    }

    public static function of(PlannedStep $step, float $target): self
    {
        $steps = $step->ladder->steps ?? [];
        $most = 40.0;
        foreach ($step->zones as $state) {
            $most = max($most, $state->before->crownCover()->inMicrometres());
        }
        $least = min(0.0, ...array_map(fn (ZoneState $s): float => $s->left()->inMicrometres() - $s->before->spreadUm(), $step->zones === [] ? [] : $step->zones), ...[0.0]);
        $least = max($least, -0.25 * $most);
        $x = fn (float $um): float => round(self::LEFT + (max($least, $um) - $least) / ($most - $least) * (self::WIDTH - self::LEFT - 8.0), 1);
        $rows = [];
        foreach ($step->zones as $state) {
            if ($state->flatting === null) {
                continue;
            }
            $byHand = $state->zone->kind->isSandedByHand();
            $rows[] = [
                'state' => $state,
                'byHand' => $byHand,
                'bars' => self::bars($byHand ? array_slice($steps, -1) : $steps, $state, $step->passes, $x),
                'leftX' => $x($state->left()->inMicrometres()),
                'leftUm' => $state->left()->inMicrometres(),
                'doubtUm' => $state->before->spreadUm(),
                'doubtX' => $x($state->left()->inMicrometres() - $state->before->spreadUm()),
                'riskClass' => RiskClass::of($state->risk(), $target),
            ];
        }
        $ticks = [];
        $every = $most > 300.0 ? 100.0 : 50.0;
        for ($um = 0.0; $um <= $most; $um += $every) {
            $ticks[] = ['x' => $x($um), 'label' => round($um).($um === 0.0 ? ' crowns' : '')];
        }

        return new self($rows, $ticks, $x(0.0), $most);
    }

    /**
     * @param list<LadderStep>       $steps
     * @param list<int>              $passes
     * @param \Closure(float): float $x
     *
     * @return list<array{grit: int, fromX: float, toX: float, leftUm: float, isDone: bool}>
     */
    private static function bars(array $steps, ZoneState $state, array $passes, \Closure $x): array
    {
        $level = $state->before->crownCover()->inMicrometres();
        $flush = $state->before->flushCover()->inMicrometres();
        $bars = [];
        foreach ($steps as $i => $step) {
            $isLast = $i === count($steps) - 1;
            $after = $isLast ? $state->left()->inMicrometres() : ($i === 0 ? $flush : $level - $step->cutUm);
            $bars[] = ['grit' => $step->grit->number, 'fromX' => $x($after), 'toX' => $x($level), 'leftUm' => $after, 'isDone' => in_array($step->grit->number, $passes, true)];
            $level = $after;
        }

        return $bars;
    }
}
