<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use App\Models\PartFact;
use App\Models\PartSlot;
use App\Shelf\Lineage;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;

/** Resins, cloths and hands of which no finished part of the shop says anything: what a trial panel would teach first. */
final readonly class NewHere
{
    public function __construct(private PaceBook $paces, private Lineage $lineage)
    {
    }

    /** @return array{resins: array<int, string>, names: list<string>} resins by sheet, and what all of it is called */
    public function of(Part $part): array
    {
        $resins = $names = [];
        if ($part->is_trial || ! $part->isOpen() || $part->facts()->exists()) {
            return ['resins' => [], 'names' => []];
        }
        foreach ($part->slots as $slot) {
            $isNew = match ($slot->slot->shelf()) {
                Shelf::Resin => $slot->resin !== null && $this->paces->count($slot->resin)['all'] === 0
                    && ! $this->wasUsed($slot, 'resins'),
                Shelf::Cloth => $slot->cloth !== null && ! $this->wasUsed($slot, 'cloths'),
                default => false,
            };
            $sheet = $slot->resin ?? $slot->cloth;
            if ($isNew && $sheet !== null) {
                $names[$sheet->name] = $sheet->name;
                $resin = $slot->resin === null ? [] : [$slot->resin->id => $slot->resin->name];
                // What is seen through is tried first.
                $resins = $slot->slot === Slot::Skin ? $resin + $resins : $resins + $resin;
            }
        }
        foreach ($part->shop->people->where('at_bench', true) as $person) {
            if (! PartFact::query()->where('user_id', $person->id)->exists()) {
                $names[$person->name] = $person->name;
            }
        }

        return ['resins' => $resins, 'names' => array_values($names)];
    }

    private function wasUsed(PartSlot $slot, string $kind): bool
    {
        return PartSlot::query()->whereIn(PartSlot::columnOf($slot->slot), $this->lineage->all($kind, $slot->sheetId()))
            ->whereIn('part_id', Part::query()->whereNotNull('finished_at')->select('id'))->exists();
    }
}
