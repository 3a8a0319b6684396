<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Resin;
use App\Models\Shop;
use OakGloss\Climate\ClimateKind;
use OakGloss\Cure\CupHeat;
use OakGloss\Fact\Draft;
use OakGloss\Fact\Kind\AirChanged;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;
use OakGloss\Plan\ClimateLimit;
use OakGloss\Plan\CupNotices;
use OakGloss\Plan\PlannedStep;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\FittedWindow;
use OakGloss\Schedule\WindowFit;

/** Lets the windows of one part, or of all at the same stage, land where hands are free. */
final class WindowFitting
{
    public function __construct(private readonly Planner $planner, private readonly Hardeners $hardeners, private readonly Trials $trials)
    {
    }

    /**
     * Parts whose next step is a coat that another has to follow while it bonds.
     *
     * @return array<int, PlannedPart> by part
     */
    public function able(Shop $shop): array
    {
        return array_filter(
            $this->planner->all($shop),
            fn (PlannedPart $p): bool => self::pair($p) !== null && $p->next?->state !== ActState::MissedWait,
        );
    }

    /**
     * Parts that can share a cup with one: the same resin, the same stage.
     *
     * @return array<int, PlannedPart>
     */
    public function pool(PlannedPart $planned): array
    {
        [$coat] = self::pair($planned) ?? [null];
        $resin = $coat === null ? null : $planned->plan->materials->resinFor($coat->step)->name;

        return array_filter($this->able($planned->part->shop), function (PlannedPart $p) use ($resin): bool {
            $pair = self::pair($p);

            return $pair !== null && $p->plan->materials->resinFor($pair[0]->step)->name === $resin;
        });
    }

    /**
     * @param array<int, PlannedPart>   $parts pooled in this order
     * @param list<array{float, float}> $free
     *
     * @return list<array{
     *     way: FittedWindow, grams: float, cups: int, potLifeMin: float, keepsPot: bool, weightGM2: float|null,
     *     ready: array<int, float|null>,
     *     outside: list<array{float, float}>, facts: array<int, list<Draft>>,
     * }>
     */
    public function ways(array $parts, array $free): array
    {
        $first = reset($parts);
        if ($first === false) {
            return [];
        }
        $floor = $first->floor;
        $pairs = array_map(
            fn (PlannedPart $p): array => self::pair($p) ?? throw new \LogicException('asked only of parts that are able'),
            $parts,
        );
        $lag = max(0.0, ...array_map(fn (PlannedPart $p): float => $p->plan->brief->substrate->lagMin(), $parts));
        [$earliest, $latest] = $this->limits($parts);
        $turned = new WindowFit(
            $first->schedule->chain->air,
            $lag,
            $free,
            array_values(array_map(fn (array $pair): float => $pair[0]->handsMin, $pairs)),
            array_sum(array_map(fn (array $pair): float => $pair[1]->handsMin, $pairs)),
            $earliest,
            $latest,
            ($floor->shop->things['warm_box'] ?? 0) >= count($parts) ? $this->warmest($parts) : null,
        );
        $found = [];
        foreach ($turned->best($this->hardeners->of($first, array_values($pairs)[0][0])) as $way) {
            $resin = $way->hardener->resin;
            $grams = array_sum(array_map(
                fn (array $pair): float => $pair[0]->batch?->totalG() ?? 0.0,
                $pairs,
            )) - $floor->workshop->sharedSavesG(
                array_map(fn (array $pair): float => $pair[0]->batch?->totalG() ?? 0.0, array_values($pairs)),
            );
            $airC = $floor->air->at($way->starts[0]);
            $cups = CupNotices::cupsOf($resin, $grams, $first->plan->buildGM2(), $floor->workshop, $airC);
            $count = $cups->cups ?? $resin->cupsFor($grams);
            $facts = $this->facts($way, array_keys($parts), $pairs);
            $found[] = [
                'way' => $way,
                'grams' => $grams,
                'cups' => $count,
                'potLifeMin' => $resin->cupHeat()->batch(
                    max(0.1, $grams / $count),
                    Temperature::fromCelsius($airC),
                )->potLifeMin ?? CupHeat::HORIZON_MIN,
                'keepsPot' => $cups !== null,
                'weightGM2' => $this->heavier($first),
                'ready' => $this->ready($parts, $facts, $free),
                'outside' => $this->outside($floor, $way, $free),
                'facts' => $facts,
            ];
        }

        return $found;
    }

    /** @return array{PlannedStep, PlannedStep}|null the coat that is next and the one that has to follow it in its window */
    private static function pair(PlannedPart $planned): ?array
    {
        $ahead = $planned->plan->ahead();
        $coat = $ahead[0] ?? null;
        $next = $ahead[1] ?? null;

        return $coat !== null
            && $next !== null
            && $coat->step->kind === StepKind::Coat
            && $next->step->follow->kind === FollowKind::Tacky
            && $next->step->follow->coat === $coat->step->key
            ? [$coat, $next]
            : null;
    }

    /**
     * @param array<int, PlannedPart> $parts
     *
     * @return array{float, float} between which every one of them takes its coat
     */
    private function limits(array $parts): array
    {
        $earliest = -INF;
        $latest = INF;
        foreach ($parts as $part) {
            $earliest = max(
                $earliest,
                $part->floor->nowMin,
                $part->next?->state === ActState::Waiting ? $part->next->changesAtMin() ?? 0.0 : 0.0,
            );
            $latest = min(
                $latest,
                $part->next?->window?->closes->expectedMin !== null && $part->next->state !== ActState::KeyFirst
                    ? $part->next->window->closes->expectedMin
                    : INF,
            );
        }

        return [$earliest, $latest];
    }

    /** @param array<int, PlannedPart> $parts */
    private function warmest(array $parts): float
    {
        return min(
            INF,
            ...array_map(
                fn (PlannedPart $p): float => ClimateLimit::warmestC(ClimateKind::WarmBox, $p->plan->brief->substrate),
                array_values($parts),
            ),
        );
    }

    /** A build coat a quarter heavier saves a coat where it does: that weight, else null. */
    private function heavier(PlannedPart $planned): ?float
    {
        [$coat] = self::pair($planned) ?? throw new \LogicException('asked only of parts that are able');
        $weight = min(150.0, 1.25 * $planned->plan->shop->weights->buildGM2);
        if ($coat->step->role !== Role::Build) {
            return null;
        }
        $trial = $this->trials->trial(
            $planned,
            $planned->plan->log->drafted([new Draft($coat->step->key, new Decided(gM2: $weight))], $planned->floor->nowMin),
        );

        return $trial->plan->buildCoats < $planned->plan->buildCoats ? $weight : null;
    }

    /**
     * @param list<int>                                   $ids
     * @param array<int, array{PlannedStep, PlannedStep}> $pairs
     *
     * @return array<int, list<Draft>> by part
     */
    private function facts(FittedWindow $way, array $ids, array $pairs): array
    {
        $facts = [];
        $after = 0.0;
        foreach ($ids as $n => $id) {
            [$coat, $next] = $pairs[$id];
            $mixed = $way->hardener;
            $facts[$id] = [
                new Draft($coat->step->key, new Decided(
                    at: 5.0 * round($way->starts[$n] / 5.0),
                    resinId: $mixed->resinId,
                    fastId: $mixed->fastId ?? 0,
                    fastShare: $mixed->fastShare ?? 0.0,
                )),
                new Draft($next->step->key, new Decided(notBefore: 5.0 * floor(($way->nextMin + $after) / 5.0), key: false, bond: true)),
            ];
            $after = 5.0 * ceil(($after + $next->handsMin) / 5.0);
            if ($way->climate !== null) {
                $air = $way->climate;
                $facts[$id][] = new Draft(
                    $next->step->key,
                    new AirChanged($air->kind, round($air->fromMin), round($air->untilMin), $air->celsius),
                );
            }
        }

        return $facts;
    }

    /**
     * Free hands outside the shop's hours that a way makes use of: somebody comes for it.
     *
     * @param list<array{float, float}> $free
     *
     * @return list<array{float, float}>
     */
    private function outside(ShopFloor $floor, FittedWindow $way, array $free): array
    {
        $used = array_filter(
            $free,
            fn (array $f): bool => array_filter([...$way->starts, $way->nextMin], fn (float $m): bool => $m >= $f[0] && $m < $f[1]) !== [],
        );

        return array_values(array_filter(
            $used,
            fn (array $f): bool => array_filter($floor->work->windows, fn (array $w): bool => $w[0] <= $f[0] && $w[1] >= $f[1]) === [],
        ));
    }

    /**
     * When each part would be ready, placed first, with somebody there in the free hours.
     *
     * @param array<int, PlannedPart> $parts
     * @param array<int, list<Draft>> $facts
     *
     * @param list<array{float, float}> $free
     *
     * @return array<int, float|null>
     */
    private function ready(array $parts, array $facts, array $free): array
    {
        return array_map(function (PlannedPart $p) use ($facts, $free): ?float {
            $log = $p->plan->log->drafted($facts[$p->part->id], $p->floor->nowMin);

            return $this->trials->repaired($p, $log, $p->floor->alsoOpen($free))[$p->part->id]->schedule->readyMin();
        }, $parts);
    }
}
