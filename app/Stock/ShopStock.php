<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Lot;
use App\Models\Shop;
use App\Planning\OneReckons;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Shelf\Lineage;
use App\Time\ShopTime;
use OakGloss\Stock\Lot as CoreLot;
use OakGloss\Stock\Need;
use OakGloss\Stock\Outlook;

/** All jars of a shop: what is left, what the open parts will take and when, what will be missing, what expires. */
final class ShopStock
{
    /** So long before its date a lot is called expiring, days (ours). */
    public const EXPIRING_DAYS = 30;

    /** A plan's needs are kept for so long after they were asked for last, s. */
    private const KEPT_S = 600;

    /** Down to this share of what came last, something is low (ours). */
    private const LOW_SHARE = 0.1;

    /** @var array<string, list<\stdClass>> lots with something left, by jar */
    private array $lots = [];

    /** @var array<string, list<Need>> by jar */
    private array $needs = [];

    /** @var array<string, Jar> */
    private array $jars = [];

    /** @var array<string, Outlook> by jar, as far as they were asked for */
    private array $outlooks = [];

    /** @param array<string, array{quantity: float, price: int|null, supplier: string, lead: int|null}> $last delivery of each jar */
    private function __construct(private readonly float $nowMin, private readonly array $last, private readonly int $leadDays)
    {
    }

    /** Made by Stocks. */
    public static function of(Shop $shop, Planner $planner, TakenFrom $takenFrom, Lineage $lineage): self
    {
        $rows = Lot::query()->where('shop_id', $shop->id)->where('left', '>', 0)->orderBy('id')->toBase()
            ->get(['id', 'kind', 'item_id', 'jar', 'left', 'use_by', 'width_mm', 'mark', 'opened_at']);
        $stock = new self($planner->floor($shop)->nowMin, self::lastDeliveries($shop, $lineage), $shop->lead_days);
        foreach ($rows as $row) {
            $jar = new Jar($row->kind, $lineage->newest($row->kind, (int) $row->item_id), $row->jar);
            $stock->jars[$jar->key()] = $jar;
            $stock->lots[$jar->key()][] = $row;
        }
        // What open parts need follows from their plans: as long as these stand, it is not reckoned anew.
        $needs = OneReckons::remember(
            'stock-needs:'.$planner->state($shop),
            self::KEPT_S,
            fn (): array => self::needsOf($planner->all($shop), $takenFrom, $planner->floor($shop)->nowMin),
        );
        foreach ($needs as [$kind, $item, $name, $at, $quantity, $letter, $widthMm]) {
            $jar = new Jar($kind, $lineage->newest($kind, $item), $name);
            $stock->jars[$jar->key()] = $jar;
            $stock->needs[$jar->key()][] = new Need($at, $quantity, $letter, $widthMm);
        }

        return $stock;
    }

    /**
     * @param array<int, PlannedPart> $plans
     *
     * @return list<array{string, int, string, float, float, string, float|null}> kind, sheet, jar, minute, quantity, part, width
     */
    private static function needsOf(array $plans, TakenFrom $takenFrom, float $nowMin): array
    {
        $needs = [];
        foreach ($plans as $planned) {
            foreach ($takenFrom->ahead($planned) as ['step' => $step, 'used' => $used]) {
                // What was to begin already is taken now at the earliest.
                $at = max($nowMin, $planned->schedule->slot($step->step->key)->startMin ?? $nowMin);
                $needs[] = [
                    $used->jar->kind, $used->jar->itemId, $used->jar->jar, $at, $used->quantity, $planned->part->letter, $used->widthMm,
                ];
            }
        }

        return $needs;
    }

    /**
     * The last delivery of each jar: by it packs, price and supplier are known.
     *
     * @return array<string, array{quantity: float, price: int|null, supplier: string, lead: int|null}>
     */
    private static function lastDeliveries(Shop $shop, Lineage $lineage): array
    {
        $newest = Lot::query()->where('shop_id', $shop->id)->whereNull('cut_from_id')->selectRaw('max(id)')
            ->groupBy('kind', 'item_id', 'jar');
        $last = [];
        foreach (Lot::query()->whereIn('id', $newest)->orderBy('id')->toBase()->get() as $row) {
            $jar = new Jar($row->kind, $lineage->newest($row->kind, (int) $row->item_id), $row->jar);
            $price = $row->price_minor === null ? null : (int) $row->price_minor;
            $last[$jar->key()] = [
                'quantity' => (float) $row->quantity, 'price' => $price, 'supplier' => (string) $row->supplier,
                'lead' => $row->lead_days === null ? null : (int) $row->lead_days,
            ];
        }

        return $last;
    }

    public function outlook(Jar $jar): Outlook
    {
        return $this->outlooks[$jar->key()] ??= Outlook::of(
            array_map(self::core(...), $this->lots[$jar->key()] ?? []),
            $this->needs[$jar->key()] ?? [],
            $this->nowMin,
            $this->nowMin + self::EXPIRING_DAYS * 1440.0,
        );
    }

    /** Whether anything is known of it: a lot lies there, or lay there once. */
    public function isKept(Jar $jar): bool
    {
        return isset($this->lots[$jar->key()]) || isset($this->last[$jar->key()]);
    }

    /** From an order until it is there, days: as its last delivery took, or as the shop reckons. */
    public function leadDays(Jar $jar): int
    {
        return $this->last[$jar->key()]['lead'] ?? $this->leadDays;
    }

    /** The last minute at which an order still comes in time; null where nothing is missing. */
    public function orderByMin(Jar $jar): ?float
    {
        $miss = $this->outlook($jar)->firstMiss;

        return $miss === null ? null : $miss->atMin - 1440.0 * $this->leadDays($jar);
    }

    /** Days by which an order of today comes too late. */
    public function lateDays(Jar $jar): int
    {
        return max(0, (int) ceil(($this->nowMin - ($this->orderByMin($jar) ?? INF)) / 1440.0));
    }

    /**
     * What a part asks for and no lot will have, of what is counted: by jar, with the minute at which it can be there.
     *
     * @return list<array{jar: Jar, missing: float, atMin: float, thereMin: float}>
     */
    public function missingFor(string $letter): array
    {
        $missing = [];
        foreach ($this->jars as $jar) {
            $outlook = $this->outlook($jar);
            $own = array_filter($this->needs($jar), fn (Need $n): bool => $n->for === $letter);
            $last = $own === [] ? -INF : max(array_map(fn (Need $n): float => $n->atMin, $own));
            if ($this->isKept($jar) && $outlook->firstMiss !== null && $last >= $outlook->firstMiss->atMin) {
                $missing[] = [
                    'jar' => $jar, 'missing' => $outlook->missing, 'atMin' => $outlook->firstMiss->atMin,
                    'thereMin' => $this->nowMin + 1440.0 * $this->leadDays($jar),
                ];
            }
        }

        return $missing;
    }

    /** @return list<Need> of open parts */
    public function needs(Jar $jar): array
    {
        return $this->needs[$jar->key()] ?? [];
    }

    public function isLow(Jar $jar): bool
    {
        $last = $this->last[$jar->key()]['quantity'] ?? null;

        return $last !== null && $this->outlook($jar)->free() <= self::LOW_SHARE * $last;
    }

    /** The lot that is poured from next; null where none is left. */
    public function next(Jar $jar): ?\stdClass
    {
        $lots = $this->lots[$jar->key()] ?? [];
        $rank = fn (\stdClass $l): array => [! self::core($l)->isGoodAt($this->nowMin), self::core($l)->useByMin ?? INF, $l->id];
        usort($lots, fn (\stdClass $a, \stdClass $b): int => $rank($a) <=> $rank($b));

        return $lots[0] ?? null;
    }

    /**
     * What to buy, by the day on which it has to be ordered: more is asked for than is good then, it is low, or nobody counts
     * it and it is asked for.
     *
     * @return list<ToBuy>
     */
    public function shopping(): array
    {
        $list = [];
        foreach ($this->jars + $this->onceKept() as $key => $jar) {
            $outlook = $this->outlook($jar);
            if ($outlook->missing <= 0.0 && ! $this->isLow($jar)) {
                continue;
            }
            $last = $this->last[$key] ?? null;
            $pack = $last['quantity'] ?? null;
            $packs = $pack === null ? null : max(1, (int) ceil($outlook->missing / $pack - 1e-9));
            $list[] = new ToBuy(
                $jar,
                $outlook,
                $outlook->firstMiss?->atMin,
                $packs,
                $pack,
                $last['price'] ?? null,
                $last['supplier'] ?? '',
                $this->leadDays($jar),
                $this->orderByMin($jar),
                $this->isKept($jar) ? $this->lateDays($jar) : 0,
                $this->isKept($jar),
            );
        }
        $rank = fn (ToBuy $b): array => [! $b->isCounted, $b->orderByMin ?? INF, $b->jar->key()];
        usort($list, fn (ToBuy $a, ToBuy $b): int => $rank($a) <=> $rank($b));

        return $list;
    }

    /** @return array<string, Jar> jars of which a lot was there once */
    private function onceKept(): array
    {
        return array_map(function (string $key): Jar {
            [$kind, $id, $jar] = explode(':', $key);

            return new Jar($kind, (int) $id, $jar);
        }, array_combine(array_keys($this->last), array_keys($this->last)));
    }

    private static function core(\stdClass $row): CoreLot
    {
        return new CoreLot(
            (int) $row->id,
            (float) $row->left,
            $row->use_by === null ? null : ShopTime::minutesOfColumn(substr((string) $row->use_by, 0, 10).' 23:59:59'),
            $row->width_mm === null ? null : (float) $row->width_mm,
        );
    }
}
