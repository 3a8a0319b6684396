<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\Part;
use App\Models\Shop;
use Illuminate\Support\Collection;

/** The open parts, each tried: one whose rows can't be planned is left out, and named. */
final class PlannableParts
{
    public function __construct(
        private readonly Present $present,
        private readonly OpenParts $open,
        private readonly ShopFloors $floors,
        private readonly PartSteps $chains,
    ) {
    }

    /** @return Collection<int, Part> */
    public function of(Shop $shop): Collection
    {
        return $this->open->rows($shop)->reject(fn (Part $p): bool => isset($this->faults($shop)[$p->id]))->values();
    }

    /** @return list<UnplannablePart> open parts that can't */
    public function leftOut(Shop $shop): array
    {
        return array_values($this->faults($shop));
    }

    /** @return array<int, UnplannablePart> by part */
    private function faults(Shop $shop): array
    {
        return $this->present->read("faults-{$shop->id}", function () use ($shop): array {
            $faults = [];
            foreach ($this->open->rows($shop) as $part) {
                try {
                    $this->chains->of($part, $this->floors->of($shop));
                } catch (\PDOException $e) {
                    throw $e;
                } catch (\Throwable $e) {
                    $faults[$part->id] = UnplannablePart::of($part, $e);
                }
            }

            return $faults;
        });
    }
}
