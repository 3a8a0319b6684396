<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\PartSlot;
use App\Models\Shop;
use App\Time\ShopTime;
use Illuminate\Database\Eloquent\Collection;

/** The rows of the parts that are not finished, with what a plan needs of them. */
final class OpenParts
{
    private const WEIGHTS = ['low' => 0.5, 'normal' => 1.0, 'high' => 3.0];

    public function __construct(private readonly Present $present)
    {
    }

    public function shop(int $id): Shop
    {
        return $this->present->read("shop-{$id}", fn (): Shop => Shop::query()->findOrFail($id));
    }

    /** @return array<int, float> by part */
    public function weights(Shop $shop): array
    {
        return $this->rows($shop)->pluck('priority', 'id')->map(fn (string $p): float => self::WEIGHTS[$p] ?? 1.0)->all();
    }

    /** @return Collection<int, Part> */
    public function rows(Shop $shop): Collection
    {
        return $this->present->read("open-{$shop->id}", function () use ($shop): Collection {
            $facts = $this->facts($shop);

            return $this->briefs($shop)->map(fn (Part $p): Part => (clone $p)->setRelation('facts', $facts[$p->id] ?? new Collection()));
        });
    }

    /** When the first thing was done of any of them, minutes. */
    public function since(Shop $shop): ?float
    {
        // Of each part they lie in the order of time.
        $first = $this->rows($shop)->map(fn (Part $part): mixed => $part->facts->first()?->happened_at)->filter()->min();

        return $first === null ? null : ShopTime::minutes($first);
    }

    /** The same part among them; null if it is none, or was changed and not kept yet. */
    public function row(Part $part): ?Part
    {
        $row = $this->rows($part->shop)->find($part->id);

        return $row !== null && PartSteps::rows($row) === PartSteps::rows($part) ? $row : null;
    }

    /** Gives a part what a plan needs of it, as it stands now. */
    public function fill(Part $part): Part
    {
        $part->setRelation('shop', $this->shop($part->shop_id));
        $of = $this->rows($part->shop)->find($part->id)
            ?? $this->present->read("finished-{$part->id}", fn (): Part => Part::query()->with(['slots', 'facts'])->findOrFail($part->id));

        // Its own slots: what is put into them is not kept yet.
        return $part->setRelation('slots', $of->slots->map(fn (PartSlot $s): PartSlot => clone $s))->setRelation('facts', $of->facts);
    }

    /** @return Collection<int, Part> without their facts, which are added to more often */
    private function briefs(Shop $shop): Collection
    {
        return $this->present->read("briefs-{$shop->id}", fn (): Collection => $shop->parts()->open()->with('slots')
            ->orderByRaw('length(letter), letter')->get()->each(fn (Part $p) => $p->setRelation('shop', $shop)));
    }

    /** @return array<int, Collection<int, PartFact>> by part, in the order of time */
    private function facts(Shop $shop): array
    {
        return $this->present->read("facts-{$shop->id}", function () use ($shop): array {
            $facts = PartFact::query()->whereIn('part_id', $this->briefs($shop)->modelKeys());

            return $facts->orderBy('happened_at')->orderBy('id')->get()->groupBy('part_id')->all();
        });
    }
}
