<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use App\Models\Shop;
use Illuminate\Support\Collection;

/** The parts that are not finished. Each is tried: one whose rows can't be planned is left out, and named. */
final class OpenParts
{
    private const WEIGHTS = ['low' => 0.5, 'normal' => 1.0, 'high' => 3.0];

    /** @var array<int, \Illuminate\Database\Eloquent\Collection<int, Part>> */
    private array $rows = [];

    /** @var array<int, Collection<int, Part>> */
    private array $open = [];

    /** @var array<int, list<UnplannablePart>> */
    private array $leftOut = [];

    public function __construct(private readonly ShopFloors $floors, private readonly PartSteps $chains)
    {
    }

    /** @return array<int, float> by part */
    public function weights(Shop $shop): array
    {
        return $this->rows($shop)->pluck('priority', 'id')->map(fn (string $p): float => self::WEIGHTS[$p] ?? 1.0)->all();
    }

    /** @return \Illuminate\Database\Eloquent\Collection<int, Part> all open parts with what a plan needs of them; read once */
    public function rows(Shop $shop): \Illuminate\Database\Eloquent\Collection
    {
        return $this->rows[$shop->id] ??= $shop->parts()->open()->with(array_diff(Part::PLAN_NEEDS, ['shop']))
            ->orderByRaw('length(letter), letter')->get()->each(fn (Part $p) => $p->setRelation('shop', $shop));
    }

    /** @return Collection<int, Part> the open parts that can be planned */
    public function of(Shop $shop): Collection
    {
        if (! isset($this->open[$shop->id])) {
            $this->leftOut[$shop->id] = [];
            $this->open[$shop->id] = $this->rows($shop)->filter($this->canBePlanned(...))->values();
        }

        return $this->open[$shop->id];
    }

    /** @return list<UnplannablePart> open parts that can't */
    public function leftOut(Shop $shop): array
    {
        $this->of($shop);

        return $this->leftOut[$shop->id];
    }

    /** Tried, and noted if it can't. */
    private function canBePlanned(Part $part): bool
    {
        try {
            $this->chains->of($part, $this->floors->of($part->shop));

            return true;
        } catch (\PDOException $e) {
            throw $e;
        } catch (\Throwable $e) {
            $this->leftOut[$part->shop_id][] = UnplannablePart::of($part, $e);

            return false;
        }
    }

    public function forget(): void
    {
        $this->rows = $this->open = $this->leftOut = [];
    }
}
