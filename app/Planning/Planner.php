<?php

declare(strict_types=1);

namespace App\Planning;

use App\Clock\DaySpans;
use App\Clock\ShopClock;
use App\Clock\ShopTime;
use App\Models\HourException;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Shelf\ShelfPapers;
use Closure;
use Illuminate\Support\Collection;
use OakGloss\Fact\FactLog;
use OakGloss\Material\Resin as CoreResin;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\Materials;
use OakGloss\Plan\ModelVersion;
use OakGloss\Plan\PartBrief;
use OakGloss\Schedule\CurrentPlan;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\KeptPart;
use OakGloss\Schedule\Leniency;
use OakGloss\Schedule\PartChain;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\Repair;
use OakGloss\Schedule\RunSheet;
use OakGloss\Schedule\ShopSchedule;
use OakGloss\Schedule\Unrest;

/** Turns rows into the core's values, and parts into their plans on the shop's run sheet. One for each request. */
final class Planner
{
    private const WEIGHTS = ['low' => 0.5, 'normal' => 1.0, 'high' => 3.0];

    /** @var array<int, ShopFloor> */
    private array $floors = [];

    /** @var array<int, array<string, list<int>>> */
    private array $papersBy = [];

    /** @var array<int, ShopPlaces> */
    private array $sheets = [];

    /** @var array<int, Collection<int, Part>> */
    private array $open = [];

    /** @var array<int, list<UnplannablePart>> */
    private array $leftOut = [];

    /** @var array<string, PartChain> by part and what was recorded of it */
    private array $chains = [];

    /** @var array<string, CoreResin> */
    private array $resins = [];

    public function __construct(private readonly ShopClock $clock, private readonly PaceBook $paces, private readonly KeptPlans $kept, private readonly PlanMemo $plans)
    {
    }

    public function floor(Shop $shop): ShopFloor
    {
        return $this->floors[$shop->id] ??= ShopFloor::of($shop, $this->clock->nowMin());
    }

    /**
     * @throws \OakGloss\Quantity\OakGlossFault If the brief of a part that is not kept yet makes no sense.
     * @throws UnplannablePart                  If rows of a kept part can't be planned.
     */
    public function plan(Part $part): PlannedPart
    {
        try {
            return $this->planNow($part);
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

            return $this->planOn($part, ShopFloor::of($part->shop, $this->clock->nowMin(), $first === null ? null : ShopTime::minutes($first)));
        }
        $floor = $this->floor($part->shop);
        if (! $part->exists) {
            return $this->planOn($part, $floor, $this->sheet($part->shop)->freeBut($part->inPlaceOf, $floor));
        }
        $chain = $this->chain($part, $floor);
        $placed = $this->sheet($part->shop)->placed($chain, $part->id, $floor);

        // The kept sheet knows other steps where a window has closed since: the part is placed anew in what is free.
        return $placed === null && $chain->plan->ahead() !== [] && $this->sheet($part->shop)->hasPlaces($part->id)
            ? $this->planOn($part, $floor, $this->sheet($part->shop)->freeBut($part->id, $floor))
            : $this->asPlanned($part, PartSchedule::placed($chain, $chain->plan->ahead() === [] ? [] : $placed, $this->sheet($part->shop)->leniency($part->id)), $floor);
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

    /**
     * A part with facts or a brief as they might be, where all others stay: what a repair would do for it alone. Without
     * either it is what that repair brings by itself.
     */
    public function trial(PlannedPart $now, ?FactLog $log = null, ?PartBrief $brief = null): PlannedPart
    {
        $part = $now->part;
        $chain = $this->chainOf($part, $brief ?? $now->plan->brief, $log ?? $now->plan->log, $now->floor);
        $free = $this->sheet($part->shop)->freeBut($part->id ?? $part->inPlaceOf, $now->floor);
        $found = $chain->plan->ahead() === [] ? ['placed' => [], 'leniency' => Leniency::None]
            : Repair::ofOne($chain, $part->exists ? $this->sheet($part->shop)->toKeep($part->id) : null, $free, max(1, count($this->open($part->shop))), $this->unrest($part->shop));

        return $this->asPlanned($part, PartSchedule::placed($chain, $found['placed'] ?? null, $found['leniency'] ?? Leniency::None), $now->floor);
    }

    /** Something was written: what was reckoned from it before holds no more. */
    public function forget(): void
    {
        $this->floors = $this->papersBy = $this->sheets = $this->open = $this->leftOut = $this->chains = $this->resins = [];
        $this->paces->forget();
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
        $chains = $this->chains($shop);
        if ($floor !== $now->floor) {
            $chains = array_map(fn (PartChain $c): PartChain => new PartChain($c->plan, $floor->air, $floor->nowMin), $chains);
        }
        $chains[$now->part->id] = $this->chainOf($now->part, $now->plan->brief, $log, $floor);
        $plan = CurrentPlan::of($chains, $this->standing($shop), $floor->crew, $floor->nowMin, $this->weights($shop), $this->unrest($shop), [$now->part->id]);

        return $this->open($shop)->keyBy('id')->map(fn (Part $p): PlannedPart => $this->asPlanned($p, PartSchedule::placed($chains[$p->id], $plan->placed[$p->id], $plan->kept[$p->id]->leniency ?? Leniency::None), $floor))->all();
    }

    /**
     * When a step ahead may start if those before it and the other parts give way, as spans of minutes.
     *
     * @return list<array{from: float, until: float, way: string}>
     */
    public function startsOf(PlannedPart $planned, string $step): array
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
        $sheet = new RunSheet($chain->air, Diary::of($floor->crew), $from, $from + 16 * 1440.0, PartSchedule::GRID_MIN, 0.0, $chain->ages());
        $spans = [];
        foreach ($sheet->possibleStarts($steps, $chain->anchor()) as [$start, $way]) {
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last]['way'] === $way->value && $start - $spans[$last]['until'] <= PartSchedule::GRID_MIN + 1e-6) {
                $spans[$last]['until'] = $start;
            } else {
                $spans[] = ['from' => $start, 'until' => $start, 'way' => $way->value];
            }
        }

        return $spans;
    }

    /** What was done and decided, in short; the forecast of the air left out. */
    public function restsOnFacts(Shop $shop): string
    {
        return md5(serialize(array_diff_key($this->restsOn($shop), ['air' => 0, 'reading' => 0, 'content' => 0])));
    }

    /** @return array<int, float> by part */
    public function weights(Shop $shop): array
    {
        return $shop->parts()->whereNull('finished_at')->pluck('priority', 'id')->map(fn (string $p): float => self::WEIGHTS[$p] ?? 1.0)->all();
    }

    /** @return Collection<int, Part> the open parts that can be planned */
    public function open(Shop $shop): Collection
    {
        if (! isset($this->open[$shop->id])) {
            $this->leftOut[$shop->id] = [];
            $parts = $shop->parts()->whereNull('finished_at')->with(Part::PLAN_NEEDS)->orderByRaw('length(letter), letter')->get()->each(fn (Part $p) => $p->setRelation('shop', $shop));
            $this->open[$shop->id] = $parts->filter($this->canBePlanned(...))->values();
        }

        return $this->open[$shop->id];
    }

    /** @return list<UnplannablePart> open parts that can't */
    public function leftOut(Shop $shop): array
    {
        $this->open($shop);

        return $this->leftOut[$shop->id];
    }

    /** Tried, and noted if it can't. */
    private function canBePlanned(Part $part): bool
    {
        try {
            $this->chain($part, $this->floor($part->shop));

            return true;
        } catch (\PDOException $e) {
            throw $e;
        } catch (\Throwable $e) {
            $this->leftOut[$part->shop_id][] = UnplannablePart::of($part, $e);

            return false;
        }
    }

    /** @return array<int, PlannedPart> all open parts, by id */
    public function all(Shop $shop): array
    {
        return $this->open($shop)->keyBy('id')->map($this->plan(...))->all();
    }

    /** The places of all open parts as they stand now. */
    public function sheet(Shop $shop, ?Closure $progress = null): ShopPlaces
    {
        return $this->sheets[$shop->id] ??= ShopPlaces::of($this->state($shop), function () use ($shop, $progress): CurrentPlan {
            $floor = $this->floor($shop);
            $restsOn = $this->restsOn($shop);

            return CurrentPlan::of($this->chains($shop), $this->keptPlaces($shop), $floor->crew, $floor->nowMin, $this->weights($shop), $this->unrest($shop), $this->kept->decided($restsOn, $shop), $this->kept->undone($restsOn, $floor), $progress);
        });
    }

    /** @return array<int, PartChain> what is ahead of all open parts, by part */
    public function chains(Shop $shop): array
    {
        $floor = $this->floor($shop);

        return $this->open($shop)->keyBy('id')->map(fn (Part $p): PartChain => $this->chain($p, $floor))->all();
    }

    /** @return array<int, KeptPart> by part, as they were kept; parts that never were are missing */
    public function keptPlaces(Shop $shop): array
    {
        return $this->kept->places(array_values($this->open($shop)->map(fn (Part $p): int => $p->id)->all()), $this->floor($shop));
    }

    /** @return array<int, KeptPart> by part, mended where they had to be */
    public function standing(Shop $shop): array
    {
        $sheet = $this->sheet($shop);
        $places = [];
        foreach ($this->open($shop) as $part) {
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
        return ! isset($this->sheets[$shop->id]) && $this->kept->newest($shop) === null && ShopPlaces::isCold($this->state($shop));
    }

    /** Everything that the run sheet rests on, in short, and the grid's five minutes. */
    public function state(Shop $shop): string
    {
        return md5(serialize([ModelVersion::NOW, $this->kept->newest($shop)?->id, $this->restsOn($shop), floor($this->floor($shop)->nowMin / PartSchedule::GRID_MIN)]));
    }

    /**
     * Rows of sheets never change, facts are only added to: their numbers stand for them.
     *
     * @return array<string, mixed>
     */
    public function restsOn(Shop $shop): array
    {
        $floor = $this->floor($shop);
        $facts = PartFact::query()->whereIn('part_id', $shop->parts()->whereNull('finished_at')->select('id'))->selectRaw('part_id, max(id) as newest')->groupBy('part_id')->pluck('newest', 'part_id')->all();

        return [
            'parts' => $shop->parts()->whereNull('finished_at')->orderBy('id')->get()->mapWithKeys(fn (Part $p): array => [$p->id => md5(serialize($p->getAttributes()))])->all(),
            'facts' => $facts,
            'paces' => md5(serialize($this->paces->known($shop->id))),
            'shop' => md5(serialize([self::week($shop->working_hours), $shop->only(['day_curves', 'typed_air', 'cup_loss_g', 'scale_step_g', 'target_burn_through', 'part_scale_step_g', 'print_through', 'things', 'cool_place_c', 'zone', 'unrest_min'])])),
            'hours' => md5(serialize([$shop->hourExceptions()->standing()->get()->map(fn (HourException $e): array => [$e->id, $e->user_id, $e->day, $e->spans])->all(), array_map(fn ($u): array => [$u->id, self::week($u->hours)], $floor->people)])),
            'reading' => (int) $shop->airReadings()->max('id'),
            // Numbers alone are not enough after a restore: other rows may have them then.
            'content' => md5(serialize([
                PartFact::query()->whereIn('id', array_values($facts))->orderBy('id')->pluck('token')->all(),
                $floor->lastReading?->only(['id', 'measured_at', 'air_c', 'rh_percent']),
            ])),
            'air' => round($this->meanAir($floor), 2),
            'papers' => [ShelfPapers::all($this->papersBy($shop->id)), $this->papersBy($shop->id)],
        ];
    }

    /**
     * However its rows were written, the same hours are the same.
     *
     * @return array<array-key, list<array{int, int}>>|null
     */
    private static function week(mixed $hours): ?array
    {
        return is_array($hours) ? array_map(fn (mixed $spans): array => DaySpans::read($spans)[0], $hours) : null;
    }

    private function meanAir(ShopFloor $floor): float
    {
        $sum = 0.0;
        for ($hour = 1; $hour <= 24; $hour++) {
            $sum += $floor->air->at($floor->nowMin + 60.0 * $hour);
        }

        return $sum / 24.0;
    }

    private function chain(Part $part, ShopFloor $floor): PartChain
    {
        return $this->chains[$part->id.md5(serialize([$part->getAttributes(), $part->facts->modelKeys()]))] ??= $this->chainOf($part, FromPart::brief($part), FromPart::log($part), $floor, $part->id);
    }

    /** @param int|null $real whose plan it is; null for one that might be */
    private function chainOf(Part $part, PartBrief $brief, FactLog $log, ShopFloor $floor, ?int $real = null): PartChain
    {
        $materials = $this->materials($part, $log);
        $plan = $this->plans->of($real, $brief, $materials, $floor->workshop, $log, fn (): FinishPlan => FinishPlan::of($brief, $materials, new BrushOnSkin(), $floor->workshop, $log));

        return new PartChain($plan, $floor->air, $floor->nowMin);
    }

    private function planned(Part $part, PartBrief $brief, FactLog $log, ShopFloor $floor, ?Diary $free): PlannedPart
    {
        return $this->asPlanned($part, PartSchedule::within($this->chainOf($part, $brief, $log, $floor), $free ?? Diary::of($floor->crew), $free === null ? PartSchedule::GRID_MIN : ShopSchedule::gridFor(max(1, count($this->open($part->shop))))), $floor);
    }

    private function asPlanned(Part $part, PartSchedule $schedule, ShopFloor $floor): PlannedPart
    {
        return new PlannedPart($part, $schedule->chain->plan, $schedule, $floor, $schedule->next());
    }

    private function materials(Part $part, FactLog $log): Materials
    {
        return new Materials(
            $this->resin($part->baseResin),
            $this->resin($part->clearResin),
            FromShelf::cloth($part->cloth),
            $part->clear === null ? null : FromShelf::clear($part->clear),
            ShelfPapers::all($this->papersBy($part->shop_id)),
            FromShelf::mixed($log, $part->shop_id, $this->resin(...)),
            $part->filler === null ? null : FromShelf::clear($part->filler),
            $this->papersBy($part->shop_id),
        );
    }

    /** A resin at the pace that the shop's own checks have found. */
    public function resin(\App\Models\Resin $row): CoreResin
    {
        return $this->resins[$row->name.$row->id] ??= $this->paces->paced($row);
    }

    /** @return array<string, list<int>> papers on the shelf, by the way that they are driven */
    private function papersBy(int $shopId): array
    {
        return $this->papersBy[$shopId] ??= ShelfPapers::by($shopId);
    }
}
