<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\SheetFile;
use App\Planning\PlannedPart;
use App\Shelf\Lineage;
use Illuminate\Database\Eloquent\Collection;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\Takes;

/** Data sheets that a step needs: those of what it takes. */
final readonly class SheetFiles
{
    public function __construct(private TakenFrom $takenFrom, private Lineage $lineage)
    {
    }

    /** @return list<SheetFile> the newest of each, without what is in it */
    public function of(PlannedPart $planned, PlannedStep $step): array
    {
        $files = [];
        foreach ($this->takenFrom->jars($planned->part, $planned->plan->log, $step->step->key, Takes::of($planned->plan, $step)) as $used) {
            $key = "{$used->jar->kind}:{$used->jar->itemId}";
            $files[$key] ??= $this->newest($planned->part->shop_id, $used->jar->kind, $used->jar->itemId)->first();
        }

        return array_values(array_filter($files));
    }

    /** @return Collection<int, SheetFile> of one item, the newest first */
    public function newest(int $shopId, string $kind, int $itemId): Collection
    {
        return SheetFile::query()->where('shop_id', $shopId)->where('kind', $kind)
            ->whereIn('item_id', $this->lineage->all($kind, $itemId))->orderByDesc('id')->get(
                ['id', 'shop_id', 'kind', 'item_id', 'name', 'type', 'kept_at'],
            );
    }
}
