<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Part;
use App\Models\Shop;
use App\Planning\OneReckons;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use App\Time\ShopTime;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Schedule\Way;

/** Before the shop closes: windows that would open and close while nobody is there, and what can be done about each. */
final class ClosingTime
{
    /** The card stands on the bench this long before closing, minutes. */
    private const AHEAD_MIN = 360.0;

    public function __construct(private readonly Planner $planner, private readonly WindowOptions $options)
    {
    }

    /** The end of today's hours; null once they are over or on a day off. */
    public static function closesAt(ShopFloor $floor): ?float
    {
        $midnight = ShopTime::minutes($floor->time->local($floor->nowMin)->startOfDay()->addDay());
        $closes = null;
        foreach ($floor->work->windows as [$open, $close]) {
            $closes = $open < $midnight && $close > $floor->nowMin ? $close : $closes;
        }

        return $closes;
    }

    /** From when the night is that is spoken of: after midnight, with nobody there yet, it is the one that still lasts. */
    public static function nightFrom(ShopFloor $floor): float
    {
        $midnight = ShopTime::minutes($floor->time->local($floor->nowMin)->startOfDay());
        $hasBegun = array_filter(
            $floor->work->windows,
            fn (array $w): bool => $w[1] > $midnight && $w[0] <= $floor->nowMin,
        ) !== [];

        return $hasBegun ? self::closesAt($floor) ?? $floor->nowMin : $floor->nowMin;
    }

    /**
     * The cases of this evening, kept for as long as nothing that they rest on changes.
     *
     * @return list<array{part: int, step: string, opens: float, closes: float, ways: list<WindowOption>}>
     */
    public function cases(Shop $shop): array
    {
        $floor = $this->planner->floor($shop);
        $closes = self::closesAt($floor);
        if ($closes === null || $closes - $floor->nowMin > self::AHEAD_MIN) {
            return [];
        }

        return OneReckons::remember("lock-up-{$this->planner->state($shop)}", 3600, function () use ($shop, $floor, $closes): array {
            $cases = [];
            foreach ($this->planner->all($shop) as $id => $planned) {
                $case = $this->caseOf($planned, $floor, $closes);
                if ($case !== null) {
                    $cases[] = ['part' => $id] + $case;
                }
            }

            return $cases;
        });
    }

    /** One way as it stands now; null if it is not offered any more. */
    public function way(Part $part, string $code): ?WindowOption
    {
        foreach ($this->cases($part->shop) as $case) {
            foreach ($case['part'] === $part->id ? $case['ways'] : [] as $way) {
                if ($way->code === $code) {
                    return $way;
                }
            }
        }

        return null;
    }

    /** @return array{step: string, opens: float, closes: float, ways: list<WindowOption>}|null */
    private function caseOf(PlannedPart $planned, ShopFloor $floor, float $closes): ?array
    {
        $below = null;
        foreach ($planned->plan->ahead() as $step) {
            $time = $planned->schedule->slot($step->step->key);
            if ($time === null || ($below !== null && $below[1]->startMin > $closes)) {
                return null;
            }
            if ($step->step->follow->kind === FollowKind::Tacky
                && $time->window !== null
                && $time->way === Way::Keyed
                && $time->startMin >= $closes) {
                $opens = $time->window->opens->expectedMin ?? INF;
                $shut = $time->window->closes->expectedMin ?? INF;
                if ($shut <= $floor->nowMin) {
                    // Closed already: nothing is left to decide this evening.
                    return null;
                }

                return [
                    'step' => $step->step->key,
                    'opens' => $opens,
                    'closes' => $shut,
                    'ways' => $this->options->of($planned, $floor, $closes, $step, $below, $opens),
                ];
            }
            $below = $step->step->layer === null && $step->step->role !== Role::Lay ? $below : [$step, $time];
        }

        return null;
    }
}
