<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\Part;
use App\Models\Resin;
use App\Shelf\FromShelf;
use App\Shelf\ShelfPapers;
use OakGloss\Fact\FactLog;
use OakGloss\Material\Aid;
use OakGloss\Material\Resin as CoreResin;
use OakGloss\Method\Materials;
use OakGloss\Method\Methods;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Slot;
use OakGloss\Plan\FinishPlan;
use OakGloss\Schedule\StepsAhead;

/** A part's rows, and what was recorded of it, as the core's chain of steps. */
final class PartSteps
{
    public function __construct(private readonly Present $present, private readonly PaceBook $paces, private readonly PlanMemo $plans)
    {
    }

    public function of(Part $part, ShopFloor $floor): StepsAhead
    {
        // With its floor: while that is kept, no other one has its number.
        return $this->present->read(
            'chain-'.spl_object_id($floor).self::rows($part),
            fn (): array => [$this->asIfOf($part, FromPart::brief($part), FromPart::log($part), $floor, $part->id), $floor],
        )[0];
    }

    /** What a part's steps rest on, in short. */
    public static function rows(Part $part): string
    {
        return md5(serialize([$part->getAttributes(), $part->sheetIds(), $part->facts->modelKeys()]));
    }

    /** @param int|null $real whose plan it is; null for one that might be */
    public function asIfOf(Part $part, PartBrief $brief, FactLog $log, ShopFloor $floor, ?int $real = null): StepsAhead
    {
        $materials = $this->materials($part, $log);
        $method = Methods::named($part->method);
        $plan = $this->plans->of(
            $real,
            $method,
            $brief,
            $materials,
            $floor->workshop,
            $log,
            fn (): FinishPlan => FinishPlan::of($brief, $materials, $method, $floor->workshop, $log),
        );

        return new StepsAhead($plan, $floor->air, $floor->nowMin);
    }

    private function materials(Part $part, FactLog $log): Materials
    {
        return new Materials(
            $part->baseResin === null ? null : $this->resin($part->baseResin),
            $this->resin($part->resin(Slot::Skin)),
            FromShelf::cloth($part->cloth ?? throw new \DomainException('a part has a cloth')),
            $part->clear === null ? null : FromShelf::clear($part->clear),
            ShelfPapers::all($this->papersBy($part->shop_id)),
            FromShelf::mixed($log, $part->shop_id, $this->resin(...)),
            $part->filler === null ? null : FromShelf::clear($part->filler),
            $this->papersBy($part->shop_id),
            FromShelf::clothIn($part, Slot::InnerCloth),
            $this->aids($part),
            $this->otherResins($part),
            FromShelf::clothIn($part, Slot::MouldCloth),
        );
    }

    /** @return array<string, CoreResin> of slots besides base and skin */
    private function otherResins(Part $part): array
    {
        $resins = [];
        foreach ($part->slots as $slot) {
            if ($slot->resin !== null && $slot->slot !== Slot::Base && $slot->slot !== Slot::Skin) {
                $resins[$slot->slot->value] = $this->resin($slot->resin);
            }
        }

        return $resins;
    }

    /** @return array<string, Aid> by kind */
    private function aids(Part $part): array
    {
        $aids = [];
        foreach ($part->slots as $slot) {
            if ($slot->item !== null) {
                $aids[$slot->slot->value] = FromShelf::aid($slot->item);
            }
        }

        return $aids;
    }

    /** A resin at the pace that the shop's own checks have found. */
    public function resin(\App\Models\Resin $row): CoreResin
    {
        return $this->present->read("resin-{$row->name}-{$row->id}", fn (): CoreResin => $this->paces->paced($row));
    }

    /** @return array<string, list<int>> papers on the shelf, by the way that they are driven */
    public function papersBy(int $shopId): array
    {
        return $this->present->read("papers-{$shopId}", fn (): array => ShelfPapers::by($shopId));
    }
}
