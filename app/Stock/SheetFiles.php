<?php

declare(strict_types=1);

namespace App\Stock;

use App\Database\Present;
use App\Models\SheetFile;
use App\Planning\PlannedPart;
use App\Shelf\Lineage;
use Illuminate\Database\Eloquent\Collection;
use OakGloss\Plan\Consumption;
use OakGloss\Plan\PlannedStep;

/** Makers' data sheets: of one item, and those that a step needs. */
final class SheetFiles
{
    public function __construct(
        private readonly Present $present,
        private readonly TakenFrom $takenFrom,
        private readonly Lineage $lineage,
    ) {
    }

    /** @return list<SheetFile> of what a step takes, the newest of each */
    public function of(PlannedPart $planned, PlannedStep $step): array
    {
        if ($this->all($planned->part->shop_id)->isEmpty()) {
            return [];
        }
        $files = [];
        $taken = Consumption::of($planned->plan, $step);
        foreach ($this->takenFrom->jars($planned->part, $planned->plan->log, $step->step->key, $taken) as $used) {
            $files["{$used->jar->kind}:{$used->jar->itemId}"] ??= $this->newest(
                $planned->part->shop_id,
                $used->jar->kind,
                $used->jar->itemId,
            )->first();
        }

        return array_values(array_filter($files));
    }

    /** @return Collection<int, SheetFile> of one item, the newest first */
    public function newest(int $shopId, string $kind, int $itemId): Collection
    {
        return $this->all($shopId)->filter(
            fn (SheetFile $f): bool => $f->kind === $kind && $this->lineage->newest($kind, $f->item_id) === $itemId,
        );
    }

    /** @return Collection<int, SheetFile> the newest first, without what is in them */
    private function all(int $shopId): Collection
    {
        return $this->present->read("sheet-files-{$shopId}", fn (): Collection => SheetFile::query()->where('shop_id', $shopId)
            ->orderByDesc('id')->get(['id', 'shop_id', 'kind', 'item_id', 'name', 'type', 'kept_at']));
    }
}
