<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use OakGloss\Fact\FactLog;
use OakGloss\Method\PartBrief;
use OakGloss\Schedule\CurrentPlan;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\Leniency;
use OakGloss\Schedule\PartPlacer;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\Repair;
use OakGloss\Schedule\StepsAhead;

/** What a change would bring, reckoned and not kept: of one part where all others stay, or of all of them. */
final class Trials
{
    public function __construct(
        private readonly Planner $planner,
        private readonly OpenParts $open,
        private readonly PlannableParts $plannable,
        private readonly PartSteps $chains,
    ) {
    }

    /**
     * A part with facts or a brief as they might be, where all others stay: what a repair would do for it alone. Without
     * either it is what that repair brings by itself.
     */
    public function trial(PlannedPart $now, ?FactLog $log = null, ?PartBrief $brief = null): PlannedPart
    {
        $part = $now->part;
        $chain = $this->chains->asIfOf($part, $brief ?? $now->plan->brief, $log ?? $now->plan->log, $now->floor);
        $free = $this->planner->sheet($part->shop)->freeBut($part->id ?? $part->inPlaceOf, $now->floor);
        $found = $chain->plan->ahead() === [] ? ['placed' => [], 'leniency' => Leniency::None]
            : Repair::ofOne(
                $chain,
                $part->exists ? $this->planner->sheet($part->shop)->toKeep($part->id) : null,
                $free,
                max(1, count($this->plannable->of($part->shop))),
                $this->planner->unrest($part->shop),
            );

        return PlannedPart::by(
            $part,
            PartSchedule::placed($chain, $found['placed'] ?? null, $found['leniency'] ?? Leniency::None),
            $now->floor,
        );
    }

    /**
     * The kept plan mended for one part with facts as they might be; nothing is kept of it. The same repair follows when
     * they are recorded.
     *
     * @return array<int, PlannedPart>
     */
    public function repaired(PlannedPart $now, FactLog $log, ?ShopFloor $floor = null): array
    {
        $shop = $now->part->shop;
        $floor ??= $now->floor;
        $chains = $this->planner->chains($shop);
        if ($floor !== $now->floor) {
            $chains = array_map(fn (StepsAhead $c): StepsAhead => new StepsAhead($c->plan, $floor->air, $floor->nowMin), $chains);
        }
        $chains[$now->part->id] = $this->chains->asIfOf($now->part, $now->plan->brief, $log, $floor);
        $plan = CurrentPlan::of(
            $chains,
            $this->planner->standing($shop),
            $floor->crew,
            $floor->nowMin,
            $this->open->weights($shop),
            $this->planner->unrest($shop),
            [$now->part->id],
        );

        return $this->plannable->of($shop)->keyBy('id')->map(fn (Part $p): PlannedPart => PlannedPart::by(
            $p,
            PartSchedule::placed($chains[$p->id], $plan->placed[$p->id], $plan->kept[$p->id]->leniency ?? Leniency::None),
            $floor,
        ))->all();
    }

    /**
     * Why a step can't start at a time.
     *
     * @return array{string, list<PlannedPart>} `before` its own steps, the air or the hours do not let it; `held` hands or a
     *                                          place are with these parts; `after` what follows it would have no place
     */
    public function whyNot(PlannedPart $planned, string $step, float $at): array
    {
        $isIn = fn (array $spans): bool => array_filter(
            $spans,
            fn (array $s): bool => $at >= $s['from'] - 1e-6 && $at <= $s['until'] + 1e-6,
        ) !== [];
        if (! $isIn($this->startsOf($planned, $step, true))) {
            return ['before', []];
        }
        if ($isIn($this->startsOf($planned, $step))) {
            return ['after', []];
        }
        $until = $at + ($planned->plan->step($step)->handsMin ?? 0.0);
        $others = array_filter($this->planner->all($planned->part->shop), fn (PlannedPart $p): bool => $p->part->id !== $planned->part->id
            && array_filter($p->schedule->steps(), fn (PlacedStep $s): bool => $s->startMin < $until && $s->endMin > $at) !== []);

        return ['held', array_values($others)];
    }

    /**
     * When a step ahead may start if those before it give way, as spans of minutes.
     *
     * @param bool $isAlone where no other part held hands or a place
     *
     * @return list<array{from: float, until: float, way: string}>
     */
    public function startsOf(PlannedPart $planned, string $step, bool $isAlone = false): array
    {
        $chain = $planned->schedule->chain;
        $floor = $planned->floor;
        $steps = [];
        foreach ($chain->steps($floor->crew, Leniency::Decisions) as $ahead) {
            $steps[] = $ahead;
            if ($ahead->id === $planned->plan->step($step)?->step->id) {
                break;
            }
        }
        $from = floor($floor->nowMin / PartSchedule::GRID_MIN) * PartSchedule::GRID_MIN;
        $sheet = new PartPlacer(
            $chain->air,
            $isAlone ? Diary::of($floor->crew) : $this->planner->sheet($planned->part->shop)->freeBut($planned->part->id, $floor),
            $from,
            $from + 16 * 1440.0,
            PartSchedule::GRID_MIN,
            0.0,
            $chain->ages(),
        );
        $spans = [];
        foreach ($sheet->possibleStarts($steps, $chain->anchor()) as [$start, $way]) {
            $of = $spans[$way->value] ?? [];
            $last = array_pop($of);
            $isOn = $last !== null && $start - $last['until'] <= PartSchedule::GRID_MIN + 1e-6;
            $spans[$way->value] = [
                ...$of,
                ...($last === null || $isOn ? [] : [$last]),
                ['from' => $isOn ? $last['from'] : $start, 'until' => $start, 'way' => $way->value],
            ];
        }
        $all = array_merge(...array_values($spans));
        usort($all, fn (array $a, array $b): int => $a['from'] <=> $b['from']);

        return $all;
    }
}
