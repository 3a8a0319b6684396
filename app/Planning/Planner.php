<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\Part;
use App\Models\Shop;
use App\Time\ShopTime;
use Closure;
use OakGloss\Fact\FactLog;
use OakGloss\Method\PartBrief;
use OakGloss\Method\StepRef;
use OakGloss\Plan\ModelVersion;
use OakGloss\Schedule\CurrentPlan;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\KeptPart;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\RunSheet;
use OakGloss\Schedule\StepsAhead;
use OakGloss\Schedule\Unrest;

/** Parts and their plans on the shop's run sheet, as it is kept and as it has to be mended now. */
final class Planner
{
    public function __construct(
        private readonly Present $present,
        private readonly ShopFloors $floors,
        private readonly OpenParts $open,
        private readonly PlannableParts $plannable,
        private readonly PartSteps $chains,
        private readonly KeptPlans $kept,
        private readonly Fingerprint $fingerprint,
    ) {
    }

    public function floor(Shop $shop): ShopFloor
    {
        return $this->floors->of($shop);
    }

    /**
     * @throws \OakGloss\Quantity\OakGlossFault If the brief of a part that is not kept yet makes no sense.
     * @throws UnplannablePart                  If rows of a kept part can't be planned.
     */
    public function plan(Part $part): PlannedPart
    {
        try {
            $row = $part->exists ? $this->open->row($this->open->fill($part)) : null;

            return $row === null
                ? $this->planNow($part)
                : $this->present->read("plan-{$row->id}", fn (): PlannedPart => $this->planNow($row));
        } catch (\PDOException $e) {
            throw $e;
        } catch (\Throwable $e) {
            throw $part->exists ? UnplannablePart::of($part, $e) : $e;
        }
    }

    private function planNow(Part $part): PlannedPart
    {
        if ($part->exists && $part->finished_at !== null) {
            $first = $part->facts->min('happened_at');

            return $this->planOn($part, $this->floors->since($part->shop, $first === null ? null : ShopTime::minutes($first)));
        }
        $floor = $this->floor($part->shop);
        if (! $part->exists) {
            return $this->planOn($part, $floor, $this->sheet($part->shop)->freeBut($part->inPlaceOf, $floor));
        }
        $chain = $this->chains->of($part, $floor);
        $placed = $this->sheet($part->shop)->placed($chain, $part->id, $floor);

        // The kept sheet knows other steps where a window has closed since: the part is placed anew in what is free.
        return $placed === null && $chain->plan->ahead() !== [] && $this->sheet($part->shop)->hasPlaces($part->id)
            ? $this->planOn($part, $floor, $this->sheet($part->shop)->freeBut($part->id, $floor))
            : PlannedPart::by(
                $part,
                PartSchedule::placed($chain, $chain->plan->ahead() === [] ? [] : $placed, $this->sheet($part->shop)->leniency($part->id)),
                $floor,
            );
    }

    /**
     * A part for itself on any floor, such as the shop as it stood when a job began; in what others leave free, if given.
     *
     * @throws \OakGloss\Quantity\OakGlossFault If the part's brief makes no sense.
     */
    public function planOn(Part $part, ShopFloor $floor, ?Diary $free = null): PlannedPart
    {
        return $this->planned($part, FromPart::brief($part), FromPart::log($part), $floor, $free);
    }

    /** @return array<int, PlannedPart> all open parts, by id */
    public function all(Shop $shop): array
    {
        return $this->plannable->of($shop)->keyBy('id')->map($this->plan(...))->all();
    }

    /** The places of all open parts as they stand now. */
    public function sheet(Shop $shop, ?Closure $progress = null): RunSheetPlaces
    {
        return $this->present->read(
            "sheet-{$shop->id}",
            fn (): RunSheetPlaces => RunSheetPlaces::of($this->state($shop), fn (): CurrentPlan => $this->current($shop, $progress)),
        );
    }

    private function current(Shop $shop, ?Closure $progress): CurrentPlan
    {
        $floor = $this->floor($shop);
        $restsOn = $this->fingerprint->of($shop);

        return CurrentPlan::of(
            $this->chains($shop),
            $this->keptPlaces($shop),
            $floor->crew,
            $floor->nowMin,
            $this->open->weights($shop),
            $this->unrest($shop),
            $this->kept->decided($restsOn, $shop),
            $this->kept->undone($restsOn, $floor),
            $progress,
        );
    }

    /** @return array<int, StepsAhead> what is ahead of all open parts, by part */
    public function chains(Shop $shop): array
    {
        $floor = $this->floor($shop);

        return $this->plannable->of($shop)->keyBy('id')->map(fn (Part $p): StepsAhead => $this->chains->of($p, $floor))->all();
    }

    /** @return array<int, KeptPart> by part, as they were kept; parts that never were are missing */
    public function keptPlaces(Shop $shop): array
    {
        return $this->kept->places(array_values($this->plannable->of($shop)->map(fn (Part $p): int => $p->id)->all()), $this->floor($shop));
    }

    /** @return array<int, KeptPart> by part, mended where they had to be */
    public function standing(Shop $shop): array
    {
        $sheet = $this->sheet($shop);
        $places = [];
        foreach ($this->plannable->of($shop) as $part) {
            $places += array_filter([$part->id => $sheet->toKeep($part->id)]);
        }

        return $places;
    }

    public function unrest(Shop $shop): Unrest
    {
        return new Unrest($shop->unrest_min);
    }

    /** Whether a first run sheet would have to be reckoned for the next page. */
    public function isCold(Shop $shop): bool
    {
        return $this->kept->newest($shop) === null && RunSheetPlaces::isCold($this->state($shop));
    }

    /** Everything that the run sheet rests on, in short, and the grid's five minutes. */
    public function state(Shop $shop): string
    {
        return md5(serialize([
            ModelVersion::NOW,
            $this->kept->newest($shop)?->id,
            $this->fingerprint->of($shop),
            floor($this->floor($shop)->nowMin / PartSchedule::GRID_MIN),
        ]));
    }

    private function planned(Part $part, PartBrief $brief, FactLog $log, ShopFloor $floor, ?Diary $free): PlannedPart
    {
        return PlannedPart::by(
            $part,
            PartSchedule::within(
                $this->chains->asIfOf($part, $brief, $log, $floor),
                $free ?? Diary::of($floor->crew),
                $free === null ? PartSchedule::GRID_MIN : RunSheet::gridFor(max(1, count($this->plannable->of($part->shop)))),
            ),
            $floor,
        );
    }

    /** A part with what a plan needs of it. */
    public function filled(Part $part): Part
    {
        return $this->open->fill($part);
    }

    /** A part's steps, as they stand now. */
    public function chain(Part $part): StepsAhead
    {
        return $this->chains->of($this->open->fill($part), $this->floor($part->shop));
    }

    /** What a step of the plan is; of one that the plan has no more, what it was when something was last recorded of it. */
    public function ref(Part $part, string $step): ?StepRef
    {
        $plan = $this->chain($part)->plan;
        $facts = $plan->log->ofStep($step);

        return $plan->step($step)?->step->ref() ?? ($facts === [] ? null : $facts[count($facts) - 1]->ref);
    }
}
