<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\ThermalAge;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\StandingPlan;
use OakGloss\Schedule\StepsAhead;
use OakGloss\Schedule\Way;

/** The rules that a standing plan must keep at every moment, told over again with sums of their own. */
final class StandingRules
{
    /**
     * @param array<array-key, list<PlacedStep>|null> $plan
     * @param array<array-key, StepsAhead>            $chains
     *
     * @return list<string>
     */
    public static function broken(array $plan, array $chains, Crew $crew, float $nowMin): array
    {
        $broken = $hands = $things = [];
        foreach ($chains as $id => $chain) {
            $placed = $plan[$id] ?? null;
            if ($placed === null) {
                continue;
            }
            $ahead = $chain->plan->ahead();
            if (count($ahead) !== count($placed)) {
                $broken[] = "{$id}: ".count($placed).' places for '.count($ahead).' steps';
                continue;
            }
            $before = $chain->anchor();
            $tables = [];
            foreach ($placed as $n => $p) {
                $broken = [...$broken, ...array_map(fn (string $b): string => "{$id} {$p->step->id} at ".round($p->startMin).": {$b}", self::brokenBy($p, $before, $chain, $n === 0 && $p->startMin <= $nowMin, $tables))];
                $before = ['start' => $p->startMin, 'end' => $p->endMin];
                foreach ($p->people as $person) {
                    $hands[$person][] = [$p->startMin, $p->endMin, "{$id} {$p->step->id}"];
                    if (array_filter($crew->people[$person]->windows, fn (array $w): bool => $w[0] <= $p->startMin + 1e-6 && $w[1] + StandingPlan::OVERRUN_MIN >= $p->endMin) === [] && ! ($n === 0 && $p->startMin <= $nowMin)) {
                        $broken[] = "{$id} {$p->step->id}: outside the hours";
                    }
                }
                if (count($p->people) !== $p->step->people) {
                    $broken[] = "{$id} {$p->step->id}: ".count($p->people).' people';
                }
                foreach ($p->step->uses as $thing => $hold) {
                    $things[$thing][$id][] = [$p->startMin, $p->endMin + $hold];
                }
            }
        }
        foreach ($hands as $person => $spans) {
            sort($spans);
            for ($i = 1; $i < count($spans); $i++) {
                if ($spans[$i][0] < $spans[$i - 1][1] - 1e-6) {
                    $broken[] = "person {$person} is at {$spans[$i - 1][2]} and at {$spans[$i][2]}";
                }
            }
        }

        return $broken;
    }

    /**
     * @param array{start: float, end: float}|null $before
     * @param array<int, ThermalAge>               $tables by clock, laid as far as asked for
     *
     * @return list<string>
     */
    private static function brokenBy(PlacedStep $p, ?array $before, StepsAhead $chain, bool $isBegun, array &$tables): array
    {
        $gap = $p->step->after;
        if ($before === null || $gap === null || $isBegun) {
            return [];
        }
        if ($p->startMin < $before['end'] - 1e-6) {
            return ['begins before what is before it has ended'];
        }
        if ($gap->clock === null) {
            $since = $p->startMin - $before['end'];

            return $since < $gap->least - 1e-6 || ($p->way !== Way::Wiped && $since > $gap->most + 5.0 + 1e-6) ? ["{$since} min after"] : [];
        }
        $ages = $tables[spl_object_id($gap->clock)] ??= new ThermalAge(new PartTemperature($chain->air, $chain->lagMin()), $gap->clock, $before['start'] - 1.0, 0.0, $gap->stallC);
        $since = fn (float $from, float $to): float => $ages->at($to) - $ages->at($from);
        $young = $since($before['end'], $p->startMin);
        if ($p->way === Way::Keyed) {
            return $young < $gap->keyFrom * 0.999 - 1.0 ? ['keyed too early'] : [];
        }
        $most = $gap->most * (1.0 + $gap->doubt);
        $found = $young < $gap->least * 0.999 - 1.0 ? ["begins {$young} old, not {$gap->least}"] : [];

        return $since($before['start'], $p->startMin) > $most * 1.001 + 1.0 || $since($before['end'], $p->endMin) > $most * 1.001 + 1.0 ? [...$found, 'is out of its window'] : $found;
    }
}
