<?php

declare(strict_types=1);

namespace App\Money;

use App\Models\Lot;
use App\Models\Part;
use App\Models\ShelfItem;
use App\Models\StockMove;
use App\Models\Why;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\Trials;
use App\Shelf\Lineage;
use App\Shelf\ShelfKinds;
use App\Stock\Jar;
use App\Stock\TakenFrom;
use Illuminate\Support\Facades\Cache;
use OakGloss\Climate\ClimateKind;
use OakGloss\Cost\Bill;
use OakGloss\Cost\BillLine;
use OakGloss\Cost\CostKind;
use OakGloss\Fact\Fact;
use OakGloss\Plan\Consumption;
use OakGloss\Plan\ModelVersion;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SupplyUse;
use OakGloss\Plan\Taken;

/** A part's plan as a bill, and what was really taken and worked as another of the same lines. */
final class Billing
{
    private const KEPT_S = 86400;

    /** A mean price is of so many times what was taken. */
    private const FINE = 1e4;

    /** Of wet work that goes with a cup that was lost, min (ours). */
    private const LOST_CUP_MIN = 15.0;

    /** @var array<string, array<int, ShelfItem>> sheets by shop and kind */
    private array $items = [];

    public function __construct(
        private readonly TakenFrom $takenFrom,
        private readonly PriceBook $prices,
        private readonly Lineage $lineage,
        private readonly Trials $trials,
    ) {
    }

    /** What the job as it is planned comes to: materials at their last prices, hands and places at the shop's rates. */
    public function quoted(PlannedPart $planned): Bill
    {
        $materials = $lines = [];
        foreach ($planned->plan->steps as $step) {
            foreach ($step->skipped ? [] : Consumption::whole($planned->plan, $step) as $taken) {
                $key = $step->step->key;
                $jars = $this->takenFrom->jars($planned->part, $planned->plan->log, $key, [$taken]);
                $lines = $jars === [] ? [...$lines, ...self::notOnShelf($taken, $step)] : $lines;
                foreach ($jars as $used) {
                    $at = self::key($used->jar, $step->step->isMend);
                    $materials[$at] ??= [$used->jar, 0.0, $step->step->isMend];
                    $materials[$at][1] += $used->quantity;
                }
            }
        }
        $lines = self::together($lines);
        foreach ($materials as $key => [$jar, $quantity, $isRescue]) {
            $lines[] = $this->material($planned, $key, $jar, $quantity, $isRescue, $this->prices->last($planned->part->shop_id, $jar));
        }

        return $this->bill($planned, [
            ...$lines,
            ...$this->hands($planned, fn (PlannedStep $s): ?float => $s->skipped ? null : $s->handsMin),
            ...$this->places($planned, true),
            ...SentOutLine::of($planned, true),
            ...$this->wet($planned, fn (PlannedStep $s): ?float => $s->skipped ? null : $s->handsMin),
        ]);
    }

    /** What it has come to by now: what was taken at the price of its lot, minutes as they were logged where they were. */
    public function actual(PlannedPart $planned): Bill
    {
        $moves = StockMove::query()->with('lot')->where('part_id', $planned->part->id)
            ->whereIn('why', [Why::Used->value, Why::GivenBack->value])->orderBy('id')->get();
        $lost = array_flip(array_map(fn (Fact $f): int => $f->id, $planned->plan->log->before));
        $mends = $planned->part->facts->mapWithKeys(
            fn ($f): array => [$f->id => isset($lost[$f->id]) || $planned->plan->step($f->step)?->step->isMend === true],
        );
        $taken = [];
        foreach ($moves as $move) {
            $jar = new Jar($move->kind, $this->lineage->newest($move->kind, $move->item_id), $move->jar);
            $isRescue = $mends[$move->fact_id] ?? false;
            $price = self::priceOf($move->lot) ?? $this->prices->last($planned->part->shop_id, $jar);
            $at = self::key($jar, $isRescue);
            $taken[$at] ??= [$jar, 0.0, 0.0, $isRescue, []];
            $taken[$at][1] -= $move->quantity;
            $taken[$at][2] -= $price === null ? 0.0 : $move->quantity * $price[1] / $price[0];
            $taken[$at][4] += $price === null ? [] : [implode('/', $price) => $price];
        }
        $lines = [];
        foreach ($taken as $key => [$jar, $quantity, $minor, $isRescue, $prices]) {
            if ($quantity > 1e-6) {
                $lines[] = $this->material($planned, $key, $jar, $quantity, $isRescue, self::priceOfAll($prices, $quantity, $minor));
            }
        }
        $lines = [
            ...$lines, ...$this->notCounted($planned), ...$this->worked($planned), ...$this->places($planned, false),
            ...SentOutLine::of($planned, false),
        ];
        foreach ($planned->plan->log->roundsBefore() as $round) {
            $lines = [...$lines, ...$this->worked($this->trials->trial($planned, $round), true)];
        }

        return $this->bill($planned, self::together($lines));
    }

    /** @return list<BillLine> what was used up by what was done, of which the shelf has no sheet */
    private function notCounted(PlannedPart $planned): array
    {
        $lines = [];
        foreach ($planned->plan->steps as $step) {
            foreach ($step->isDone() && ! $step->skipped ? SupplyUse::of($planned->plan, $step) : [] as $taken) {
                $jars = $this->takenFrom->jars($planned->part, $planned->plan->log, $step->step->key, [$taken]);
                $lines = $jars === [] ? [...$lines, ...self::notOnShelf($taken, $step)] : $lines;
            }
        }

        return $lines;
    }

    /** @return list<BillLine> on the bill all the same, with no price yet */
    private static function notOnShelf(Taken $taken, PlannedStep $step): array
    {
        $supply = $taken->supply;
        $rescue = $step->step->isMend ? ':rescue' : '';

        return $supply === null ? [] : [new BillLine(
            CostKind::Material,
            "supply:{$supply->value}:{$rescue}",
            (string) __("words.supply.{$supply->value}"),
            round($taken->quantity, 3),
            $supply->unit(),
            1.0,
            0,
            $step->step->isMend,
        )];
    }

    /**
     * Hands of what was done, and what goes with wet hands.
     *
     * @param bool $isLost it was stripped off again
     *
     * @return list<BillLine>
     */
    private function worked(PlannedPart $planned, bool $isLost = false): array
    {
        $done = fn (PlannedStep $s): bool => $s->isDone() && ! $s->skipped;
        $minutes = fn (PlannedStep $s): ?float => $done($s) ? LoggedMinutes::of($planned, $s) : null;

        return [...$this->hands($planned, $minutes, $isLost), ...$this->wet($planned, $minutes, $isLost)];
    }

    /**
     * @param list<BillLine> $lines
     *
     * @return list<BillLine> one for each key
     */
    private static function together(array $lines): array
    {
        $by = [];
        foreach ($lines as $line) {
            $by[$line->key] = isset($by[$line->key]) ? $by[$line->key]->with($line->quantity) : $line;
        }

        return array_values($by);
    }

    /**
     * What a finished part came to, and what its plan would at today's prices. Kept as long as nothing is recorded of it and
     * no rate or price changes.
     *
     * @return array{hoursMin: float, plannedMin: float, costMinor: int, actualMinor: int, netMinor: int}
     */
    public function cameTo(Part $part, Planner $planner): array
    {
        $key = implode('-', [
            'came-to', ModelVersion::NOW, $part->id, $part->recorded(), md5(serialize($part->shop->money)),
            (int) Lot::query()->where('shop_id', $part->shop_id)->max('id'),
        ]);

        return Cache::remember($key, self::KEPT_S, function () use ($part, $planner): array {
            $planned = $planner->plan($part);
            [$quoted, $actual] = [$this->quoted($planned), $this->actual($planned)];

            return [
                'hoursMin' => $actual->handsMin(), 'plannedMin' => $quoted->handsMin(), 'costMinor' => $quoted->sums->costMinor,
                'actualMinor' => $actual->sums->costMinor, 'netMinor' => $actual->sums->netMinor,
            ];
        });
    }

    /** @return list<string> materials that the bill could not price */
    public function unpriced(Bill $bill): array
    {
        return array_values(array_map(
            fn (BillLine $l): string => $l->name,
            array_filter($bill->of(CostKind::Material), fn (BillLine $l): bool => $l->priceMinor === 0),
        ));
    }

    /** @param list<BillLine> $lines */
    private function bill(PlannedPart $planned, array $lines): Bill
    {
        $money = $planned->part->shop->money();
        $kinds = array_flip(array_keys(ShelfKinds::all()));
        // A resin before its hardener: jars keep the order of their kind.
        $rank = function (BillLine $l) use ($kinds): array {
            [$kind, $item] = explode(':', $l->key) + ['', ''];

            return $l->kind === CostKind::Material ? [0, $kinds[$kind] ?? count($kinds), $l->isRescue, (int) $item] : [1, 0, false, 0];
        };
        // PHP sorts stably: lines that are no material keep the order of the job.
        usort($lines, fn (BillLine $a, BillLine $b): int => $rank($a) <=> $rank($b));

        return new Bill($lines, $money->waste, $money->margin, $money->tax);
    }

    /** @param array{float, int}|null $price */
    private function material(PlannedPart $planned, string $key, Jar $jar, float $quantity, bool $isRescue, ?array $price): BillLine
    {
        $kind = ShelfKinds::named($jar->kind) ?? throw new \LogicException("no kind {$jar->kind}");
        $item = $this->item($planned->part->shop_id, $jar);
        $name = ($item === null ? $jar->kind : $item->name).($jar->jar === '' ? '' : ', '.__("stock.jars.{$jar->jar}"));
        $rounded = round($quantity, 3);

        return new BillLine(CostKind::Material, $key, $name, $rounded, $kind::UNIT, $price[0] ?? 1.0, $price[1] ?? 0, $isRescue);
    }

    private function item(int $shopId, Jar $jar): ?ShelfItem
    {
        $items = $this->items["{$shopId}-{$jar->kind}"] ??= ShelfKinds::named($jar->kind)?->ofShop($shopId)->keyBy('id')->all() ?? [];

        return $items[$jar->itemId] ?? null;
    }

    /**
     * Hands by the part of the job.
     *
     * @param \Closure(PlannedStep): (float|null) $minutes
     *
     * @return list<BillLine>
     */
    private function hands(PlannedPart $planned, \Closure $minutes, bool $isLost = false): array
    {
        $sums = [];
        foreach ($planned->plan->steps as $step) {
            $min = $minutes($step);
            if ($min !== null) {
                $isRescue = $isLost || $step->step->isMend;
                $sums[$step->step->stage->value.($isRescue ? ':rescue' : '')] ??= [0.0, $step->step, $isRescue];
                $sums[$step->step->stage->value.($isRescue ? ':rescue' : '')][0] += $min;
            }
        }
        $lines = [];
        foreach ($sums as $key => [$min, $of, $isRescue]) {
            $lines[] = $this->hour(
                $planned,
                CostKind::Hands,
                "hands:{$key}",
                (string) __("money.stages.{$of->stage->value}"),
                $min,
                $isRescue,
            );
        }

        return $lines;
    }

    /** @return list<BillLine> booth and warm box */
    private function places(PlannedPart $planned, bool $isPlanned): array
    {
        $booth = $box = 0.0;
        foreach ($planned->plan->steps as $step) {
            $clear = $planned->plan->clearOf($step);
            if ($clear !== null && ! $step->skipped && ($isPlanned || $step->isDone())) {
                $at = $clear->coatsAtMin($step->handsMin / max(1, $clear->coats));
                $booth += $at[count($at) - 1] + $step->handsMin / max(1, $clear->coats);
            }
            $box += $isPlanned && ! $step->skipped ? 60.0 * (float) ($step->step->args['hours'] ?? 0) : 0.0;
        }
        if (! $isPlanned) {
            foreach ($planned->plan->log->climateChanges() as $change) {
                $until = min($change->untilMin, $planned->floor->nowMin);
                $box += $change->kind === ClimateKind::CoolPlace ? 0.0 : max(0.0, $until - $change->fromMin);
            }
        }
        $line = fn (string $what, float $min): BillLine => $this->hour(
            $planned,
            CostKind::Place,
            "place:{$what}",
            (string) __("money.places.{$what}"),
            $min,
        );

        return [...($booth > 0.0 ? [$line('booth', $booth)] : []), ...($box > 0.0 ? [$line('box', $box)] : [])];
    }

    private function hour(PlannedPart $planned, CostKind $kind, string $key, string $name, float $min, bool $isRescue = false): BillLine
    {
        $money = $planned->part->shop->money();
        $rate = match (true) {
            $kind === CostKind::Hands => $money->handMinor,
            $kind === CostKind::Wet => $money->wetMinor,
            $key === 'place:booth' => $money->boothMinor,
            default => $money->boxMinor,
        };

        return new BillLine($kind, $key, $name, round($min, 1), 'min', 60.0, $rate, $isRescue);
    }

    /**
     * Gloves, cloths, cups and sticks by the hour of wet work; a cup that was lost takes its share.
     *
     * @param \Closure(PlannedStep): (float|null) $minutes
     *
     * @return list<BillLine>
     */
    private function wet(PlannedPart $planned, \Closure $minutes, bool $isLost = false): array
    {
        $sums = [];
        foreach ($planned->plan->steps as $step) {
            $key = 'wet'.($isLost || $step->step->isMend ? ':rescue' : '');
            $min = $step->step->role->isWet() ? $minutes($step) : null;
            $sums[$key] = ($sums[$key] ?? 0.0) + ($min ?? 0.0) + self::LOST_CUP_MIN * $planned->plan->log->cupsLost($step->step->key);
        }

        return array_map(
            fn (string $key, float $min): BillLine => $this->hour(
                $planned,
                CostKind::Wet,
                $key,
                (string) __('money.wet'),
                $min,
                $key !== 'wet',
            ),
            array_keys(array_filter($sums)),
            array_filter($sums),
        );
    }

    /**
     * The price of the one lot that it came from; of several their mean, so fine that it rounds to no price of its own.
     *
     * @param array<string, array{float, int}> $prices
     *
     * @return array{float, int}|null
     */
    private static function priceOfAll(array $prices, float $quantity, float $minor): ?array
    {
        return count($prices) < 2
            ? array_values($prices)[0] ?? null
            : [round(self::FINE * $quantity, 3), (int) round(self::FINE * $minor)];
    }

    /** @return array{float, int}|null */
    private static function priceOf(?Lot $lot): ?array
    {
        return $lot?->price_minor === null ? null : [$lot->quantity, $lot->price_minor];
    }

    private static function key(Jar $jar, bool $isRescue): string
    {
        return $jar->key().($isRescue ? ':rescue' : '');
    }
}
