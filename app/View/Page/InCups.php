<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Resin;
use App\Shelf\FromShelf;
use App\Shelf\Kind\Resins;
use App\Words\Formatter;
use OakGloss\Mixing\MixRatio;

/** Quantities of jars that are measured by the marks of a cup: nobody knows yet what they weigh, so no grams are said of them. */
final class InCups
{
    /** @var array<int, MixRatio|null> by sheet */
    private array $ratios = [];

    public function __construct(private readonly Formatter $format)
    {
    }

    /** @param string $jar as Jar::key() has it */
    public function say(string $jar, float $quantity, string $unit): string
    {
        [$kind, $id, $of] = explode(':', $jar) + ['', '0', ''];
        $ratio = $kind === Resins::NAME ? $this->ratio((int) $id) : null;

        return $ratio === null ? $this->format->stock($quantity, $unit) : $this->format->mixed($quantity, $ratio, $of);
    }

    private function ratio(int $id): ?MixRatio
    {
        if (! array_key_exists($id, $this->ratios)) {
            $row = Resin::query()->find($id);
            $this->ratios[$id] = $row?->isByCup() === true ? FromShelf::resin($row)->ratio : null;
        }

        return $this->ratios[$id];
    }
}
