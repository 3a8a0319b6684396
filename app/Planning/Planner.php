<?php

declare(strict_types=1);

namespace App\Planning;

use App\Clock\ShopClock;
use App\Models\Paper;
use App\Models\Part;
use App\Models\Shop;
use Illuminate\Support\Facades\Cache;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Plan\FactKind;
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
     * What each choice that is still open would come to. Kept for as long as nothing that it rests on changes.
     *
     * @return list<PricedChoice>
     */
    public function priced(PlannedPart $now): array
    {
        $c = FromPart::choices($now->part);
        $options = [];
        foreach ($this->openChoices($now->plan) as $field) {
            $options = [...$options, ...match ($field) {
                'wet_out' => array_map(fn (WetOut $way): array => [$field, $way->value, $c->but(wetOut: $way), $way === $c->wetOut], WetOut::cases()),
                'after_wet_out' => array_map(fn (AfterWetOut $way): array => [$field, $way->value, $c->but(afterWetOut: $way), $way === $c->afterWetOut], AfterWetOut::cases()),
                'top' => array_map(fn (Top $way): array => [$field, $way->value, $c->but(top: $way), $way === $c->top], Top::cases()),
                default => array_map(fn (int $n): array => [$field, (string) $n, $c->but(buildCoats: $n), $n === $now->plan->buildCoats], range(max(1, $now->plan->buildCoats - 1), min(10, $now->plan->buildCoats + 1))),
            }];
        }

        return Cache::remember($this->stateKey($now), 600, fn (): array => array_map(
            fn (array $o): PricedChoice => PricedChoice::of($o[0], $o[1], $o[3], $o[3] ? $now : $this->planned($now->part, $now->plan->brief->with($o[2]), $now->floor)),
            $options,
        ));
    }

    /**
     * Choices that nothing done so far has settled.
     *
     * @return list<string>
     */
    public function openChoices(FinishPlan $plan): array
    {
        $isOpen = fn (string ...$steps): bool => array_filter($steps, fn (string $key): bool => $plan->step($key)?->isDone() === true) === [];

        return array_values(array_filter(['wet_out', 'after_wet_out', 'top', 'build_coats'], fn (string $field): bool => match ($field) {
            'wet_out' => $isOpen('wet-out'),
            'after_wet_out' => $isOpen('second', 'nibs'),
            'top' => $isOpen('wet-flat'),
            default => $plan->log->of('flat', FactKind::Sanded, FactKind::Skipped) === [],
        }));
    }

    /** Everything that a part's plan rests on: its row and facts, its sheets (rows never change), shop, air and the grid's hour. */
    private function stateKey(PlannedPart $now): string
    {
        return 'priced-'.md5(serialize([
            $now->part->getAttributes(),
            $now->part->facts->modelKeys(),
            $now->floor->shop->getAttributes(),
            $now->floor->lastReading?->getKey(),
            $this->grits[$now->part->shop_id] ?? [],
            floor($now->floor->nowMin / PartSchedule::GRID_MIN),
        ]));
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
