<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Abrasion\Pass;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\Sanded;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Film\Flatting;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;

/** What each paper of a flatting takes from each zone, and what is left over the weave's crowns, to one scale. */
final readonly class CutScale
{
    public const WIDTH = 600.0;
    private const LEFT = 120.0;
    private const ROW = 44.0;
    private const TOP = 24.0;
    /** A bar narrower than this has no room for the name of its paper, or for what stays. */
    private const ROOM_FOR_PAPER = 34.0;
    private const ROOM_FOR_REST = 66.0;

    /**
     * @param list<array{
     *     state: ZoneState, byHand: bool,
     *     bars: list<array{grit: int, fromX: float, toX: float, leftUm: float, isDone: bool}>, leftX: float,
     *     leftUm: float, doubtUm: float, doubtX: float, keepX: float, riskClass: string, nowX: float|null,
     *     nowUm: float, end: string|null, coverUm: float,
     * }> $rows
     * @param list<array{x: float, label: string}> $ticks
     */
    private function __construct(public array $rows, public array $ticks, public float $zeroX, public float $mostUm)
    {
    }

    public function height(): float
    {
        return self::TOP + self::ROW * count($this->rows) + 10.0;
    }

    public function yOf(int $row): float
    {
        return self::TOP + self::ROW * $row;
    }

    /** @param array{fromX: float, toX: float} $bar */
    public static function hasRoom(array $bar): bool
    {
        return $bar['toX'] - $bar['fromX'] > self::ROOM_FOR_PAPER;
    }

    /** @param array{leftX: float} $row */
    public function hasRoomForRest(array $row): bool
    {
        return $row['leftX'] - $this->zeroX > self::ROOM_FOR_REST;
    }

    public static function of(PlannedStep $step, float $target): self
    {
        $states = array_filter($step->zones, fn (ZoneState $s): bool => $s->flatting !== null);
        [$most, $least] = [40.0, 0.0];
        foreach ($states as $state) {
            $most = max($most, $state->crownCover($state->before)->inMicrometres());
            $least = min($least, $state->left()->inMicrometres() - $state->doubtUm());
        }
        $least = max($least, -0.25 * $most);
        $x = fn (float $um): float => round(
            self::LEFT + (max($least, min($most, $um)) - $least) / ($most - $least) * (self::WIDTH - self::LEFT - 8.0),
            1,
        );
        $rows = [];
        foreach ($states as $state) {
            $left = $state->left()->inMicrometres();
            $now = $state->now === null ? null : $state->crownCover($state->now)->inMicrometres();
            $rows[] = [
                'state' => $state,
                'byHand' => $state->zone->kind->isSandedByHand(),
                'bars' => self::bars($step, $state, $x),
                'leftX' => $x($left),
                'leftUm' => $left,
                'doubtUm' => $state->doubtUm(),
                'doubtX' => $x($left - $state->doubtUm()),
                'keepX' => $x($state->keepUm($target)),
                'riskClass' => RiskClass::of($state->risk(), $target),
                'nowX' => $now === null || $state->passes === [] ? null : $x($now),
                'nowUm' => $now ?? 0.0,
                'end' => $step->sanding?->endOn($state->zone)?->value,
                'coverUm' => $state->crownCover($state->before)->inMicrometres(),
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
     * What was sanded on the zone in its own order, then the papers that are still to come.
     *
     * @param \Closure(float): float $x
     *
     * @return list<array{grit: int, fromX: float, toX: float, leftUm: float, isDone: bool}>
     */
    private static function bars(PlannedStep $step, ZoneState $state, \Closure $x): array
    {
        $ladder = $step->ladder;
        if ($ladder === null) {
            return [];
        }
        if ($state->ridgesOnly) {
            $top = $state->crownCover($state->before)->inMicrometres();
            $left = $state->left()->inMicrometres();

            return [[
                'grit' => $ladder->first()->number, 'fromX' => $x($left), 'toX' => $x($top), 'leftUm' => $left,
                'isDone' => $state->passes !== [],
            ]];
        }
        $papers = match (true) {
            $state->zone->kind === ZoneKind::Corner => array_slice($ladder->steps, -2),
            $state->zone->kind->isSandedByHand() => array_slice($ladder->steps, -1),
            default => $ladder->steps,
        };
        $driven = $state->zone->kind->isSandedByHand() ? SandingMethod::WetBlock : $ladder->method;
        $passes = [...array_map(fn (Pass $p): array => [$p, true], $state->passes)];
        $last = $state->passes === [] ? null : $state->passes[count($state->passes) - 1];
        foreach ($step->isDone() ? [] : $papers as $paper) {
            if ($last === null
                || $paper->grit->isFinerThan($last->grit)
                || ($paper->grit->number === $last->grit->number && $last->end !== PassEnd::Matt)) {
                $passes[] = [new Pass($paper->grit, $driven), false];
            }
        }
        $skin = $state->before;
        $level = $state->crownCover($skin)->inMicrometres();
        $bars = [];
        $eased = $state->zone->face->easedUm;
        foreach ($passes as $n => [$pass, $isDone]) {
            // All papers together take what a finger eases of a rim.
            $skin = match (true) {
                $eased === null => Sanded::over($skin, $pass, $state->zone->areaM2)->skin,
                $n === 0 => $skin->afterFlatting(new Flatting($eased, 0.0)),
                default => $skin,
            };
            $over = $skin->flat && $eased === null ? $skin->flushCover() : $skin->crownCover();
            $after = $over->inMicrometres() + $state->offUm();
            $bars[] = ['grit' => $pass->grit->number, 'fromX' => $x($after), 'toX' => $x($level), 'leftUm' => $after, 'isDone' => $isDone];
            $level = $after;
        }

        return $bars;
    }
}
