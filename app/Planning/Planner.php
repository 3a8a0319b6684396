<?php

declare(strict_types=1);

namespace App\Planning;

use App\Clock\ShopClock;
use App\Models\Paper;
use App\Models\Part;
use App\Models\Shop;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Choices;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\Materials;
use OakGloss\Plan\PartBrief;
use OakGloss\Schedule\PartSchedule;

/** Turns rows into the core's values, and a part into its plan. One for each request. */
final class Planner
{
    /** @var array<int, ShopFloor> */
    private array $floors = [];

    /** @var array<int, list<int>> */
    private array $grits = [];

    public function __construct(private readonly ShopClock $clock)
    {
    }

    public function floor(Shop $shop): ShopFloor
    {
        return $this->floors[$shop->id] ??= ShopFloor::of($shop, $this->clock->nowMin());
    }

    /** @throws \OakGloss\Quantity\OakGlossFault If the part's brief makes no sense. */
    public function plan(Part $part): PlannedPart
    {
        return $this->planOn($part, $this->floor($part->shop));
    }

    /** The same on another floor, such as the shop as it stood when a job began. */
    public function planOn(Part $part, ShopFloor $floor): PlannedPart
    {
        return $this->planned($part, FromPart::brief($part), $floor);
    }

    /**
     * What each other choice would come to.
     *
     * @return list<PricedChoice>
     */
    public function priced(PlannedPart $now): array
    {
        $c = FromPart::choices($now->part);
        $coats = $now->plan->buildCoats;
        $options = [];
        foreach (WetOut::cases() as $way) {
            $options[] = ['wet_out', $way->value, new Choices($way, $c->afterWetOut, $c->top, $c->buildCoats, $c->finishCoats), $way === $c->wetOut];
        }
        foreach (AfterWetOut::cases() as $way) {
            $options[] = ['after_wet_out', $way->value, new Choices($c->wetOut, $way, $c->top, $c->buildCoats, $c->finishCoats), $way === $c->afterWetOut];
        }
        foreach (Top::cases() as $way) {
            $options[] = ['top', $way->value, new Choices($c->wetOut, $c->afterWetOut, $way, $c->buildCoats, $c->finishCoats), $way === $c->top];
        }
        foreach (range(max(1, $coats - 1), min(10, $coats + 1)) as $n) {
            $options[] = ['build_coats', (string) $n, new Choices($c->wetOut, $c->afterWetOut, $c->top, $n, $c->finishCoats), $n === $coats];
        }
        $priced = [];
        foreach ($options as [$field, $value, $choices, $isCurrent]) {
            $that = $isCurrent ? $now : $this->planned($now->part, $now->plan->brief->with($choices), $now->floor);
            $priced[] = new PricedChoice($field, $value, $isCurrent, $that);
        }

        return $priced;
    }

    private function planned(Part $part, PartBrief $brief, ShopFloor $floor): PlannedPart
    {
        $plan = FinishPlan::of($brief, $this->materials($part), new BrushOnSkin(), $floor->workshop, FromPart::log($part));
        $schedule = PartSchedule::of($plan, $floor->air, $floor->work, $floor->nowMin);

        return new PlannedPart($part, $plan, $schedule, $floor, $schedule->next());
    }

    private function materials(Part $part): Materials
    {
        return new Materials(
            FromShelf::resin($part->baseResin),
            FromShelf::resin($part->clearResin),
            FromShelf::cloth($part->cloth),
            $part->clear === null ? null : FromShelf::clear($part->clear),
            $this->grits[$part->shop_id] ??= array_values(array_map(intval(...), Paper::query()->where('shop_id', $part->shop_id)->current()->where('sheets', '>', 0)->orderBy('grit')->pluck('grit')->unique()->all())),
        );
    }
}
