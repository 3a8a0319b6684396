<?php

declare(strict_types=1);

namespace App\Stock;

use App\Database\Present;
use App\Models\Paper;
use App\Models\Part;
use App\Models\PartFact;
use App\Planning\PlannedPart;
use App\Shelf\Kind\Clears;
use App\Shelf\Kind\Cloths;
use App\Shelf\Kind\Papers;
use App\Shelf\Kind\Resins;
use App\Shelf\Lineage;
use App\Shelf\ShelfPapers;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Changed;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Fact\Kind\Weighed;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;
use OakGloss\Plan\Consumption;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SupplyUse;
use OakGloss\Plan\Taken;

/** From which jars of the shelf a part's steps take, and its facts have taken. */
final class TakenFrom
{
    public function __construct(
        private readonly Present $present,
        private readonly Lineage $lineage,
        private readonly SupplyShelf $supplies,
    ) {
    }

    /**
     * What a fact takes, on the plan as it stood before it.
     *
     * @return list<Used>
     */
    public function byFact(PlannedPart $before, PartFact $fact): array
    {
        $content = $fact->content();
        $step = $before->plan->step($fact->step);
        $of = fn (Taken ...$taken): array => $this->jars($before->part, $before->plan->log, $fact->step, array_values($taken));
        if ($content instanceof Weighed) {
            $slot = $step?->step->layer->slot ?? $fact->role?->slot();

            return $slot === null ? [] : $of(Taken::from($slot, $content->component, $content->grams));
        }
        if ($step === null || $content instanceof Skipped) {
            return [];
        }

        return match (true) {
            $content instanceof Sanded => $of(...$this->paperOf($before, $step, $content)),
            $content instanceof Changed && $content->what === 'paper' => $of(...$this->freshPaper($before, $step)),
            $content->ends($step->step->kind) && ! $step->isDone() => $of(
                ...Consumption::cloth($before->plan, $step),
                ...Consumption::clear($before->plan, $step),
                ...SupplyUse::of($before->plan, $step),
            ),
            default => [],
        };
    }

    /**
     * What the steps ahead of a part still take, what is in a cup already not counted.
     *
     * @return list<array{step: PlannedStep, used: Used}>
     */
    public function ahead(PlannedPart $planned): array
    {
        $ahead = [];
        foreach ($planned->plan->ahead() as $step) {
            $key = $step->step->key;
            foreach (Consumption::of($planned->plan, $step) as $taken) {
                $inCup = $step->batch === null ? 0.0 : $planned->plan->log->weighedG($key, $taken->jar);
                foreach ($this->jars($planned->part, $planned->plan->log, $key, [$taken]) as $used) {
                    $share = $taken->quantity > 0.0 ? $used->quantity / $taken->quantity : 0.0;
                    $open = max(0.0, $taken->quantity - $inCup) * $share;
                    $ahead = $open > 0.0 ? [...$ahead, ['step' => $step, 'used' => new Used($used->jar, $open, $used->widthMm)]] : $ahead;
                }
            }
        }

        return $ahead;
    }

    /**
     * @param list<Taken> $taken
     *
     * @return list<Used>
     */
    public function jars(Part $part, FactLog $log, string $step, array $taken): array
    {
        $used = [];
        foreach ($taken as $one) {
            $from = match (true) {
                $one->supply !== null => array_filter([$this->supplies->find($part, $one->supply)]),
                $one->slot !== null => $this->sheets($part, $log, $step, $one->slot, $one->jar),
                default => $this->paper($part, $one),
            };
            foreach ($from as $of) {
                [$kind, $id, $share] = $of;
                $used[] = new Used(new Jar($kind, $this->lineage->newest($kind, $id), $one->jar), $one->quantity * $share, $one->widthMm);
            }
        }

        return $used;
    }

    /** @return list<array{string, int, float}> kind, sheet and the share that comes from it */
    private function sheets(Part $part, FactLog $log, string $step, Slot $slot, string $jar): array
    {
        $in = $part->inSlot($slot);
        if ($slot->shelf() !== Shelf::Resin) {
            $id = $in?->sheetId();
            $kind = ['Cloth' => Cloths::NAME, 'Clear' => Clears::NAME][$slot->shelf()->name] ?? null;

            return $id === null || $kind === null ? [] : [[$kind, $id, 1.0]];
        }
        $decided = $log->last($step, Decided::class)?->content;
        $resin = (int) ($decided->resinId ?? 0) ?: $part->resin($slot)->id;
        $fast = (int) ($decided->fastId ?? 0);
        $share = $fast === 0 ? 0.0 : (float) $decided?->fastShare;

        // A blend is one resin with two hardeners.
        return $jar === 'hardener' && $share > 0.0
            ? [[Resins::NAME, $resin, 1.0 - $share], [Resins::NAME, $fast, $share]]
            : [[Resins::NAME, $resin, 1.0]];
    }

    /** @return list<array{string, int, float}> */
    private function paper(Part $part, Taken $taken): array
    {
        $id = $taken->driven === null || $taken->grit === null ? null : $this->paperFor($part->shop_id, $taken->driven, $taken->grit);

        return $id === null ? [] : [[Papers::NAME, $id, 1.0]];
    }

    /** The paper of a grit that a way of driving takes first. */
    private function paperFor(int $shopId, SandingMethod $driven, Grit $grit): ?int
    {
        return $this->present->read("paper-ids-{$shopId}", fn (): array => $this->papers($shopId))[$driven->value][$grit->number] ?? null;
    }

    /** @return array<string, array<int, int>> by the way it is driven and its grit */
    private function papers(int $shopId): array
    {
        $rows = Paper::query()->where('shop_id', $shopId)->current()->orderBy('id')->toBase()->get(['id', 'grit', 'form']);
        $papers = [];
        foreach (ShelfPapers::FORMS as $way => $forms) {
            foreach ($forms as $form) {
                foreach ($rows->where('form', $form) as $row) {
                    $papers[$way][(int) $row->grit] ??= (int) $row->id;
                }
            }
        }

        return $papers;
    }

    /** @return list<Taken> what its first pass takes: over the next zones the same paper goes on */
    private function paperOf(PlannedPart $before, PlannedStep $step, Sanded $pass): array
    {
        $driven = $pass->how ?? $step->ladder->method ?? $step->step->grits?->driven;
        if ($driven === null || in_array($pass->grit, $before->plan->log->grits($step->step->key), true)) {
            return [];
        }
        $planned = array_values(array_filter(
            Consumption::papers($before->plan, $step),
            fn (Taken $t): bool => $t->grit?->number === $pass->grit && ($pass->how === null || $t->driven === $pass->how),
        ));

        return $planned === [] ? [Taken::paper($driven, $pass->grit(), 1)] : $planned;
    }

    /** @return list<Taken> */
    private function freshPaper(PlannedPart $before, PlannedStep $step): array
    {
        $grits = $before->plan->log->grits($step->step->key);
        $grit = $grits === [] ? $step->nextGrit() : $grits[count($grits) - 1];
        $driven = $step->step->grits?->driven;

        return $grit === null || $driven === null ? [] : [Taken::paper($driven, Grit::p($grit), 1)];
    }
}
