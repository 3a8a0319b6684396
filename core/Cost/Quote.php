<?php

declare(strict_types=1);

namespace OakGloss\Cost;

use OakGloss\Quantity\Bounds;

/**
 * What a part costs, line by line, in minor units of one currency (model 16): materials and their waste, hours, fixed
 * sums; margin on the cost, tax on the net. Each line is rounded by itself, half up, and the sums are of the lines.
 */
final readonly class Quote
{
    /**
     * @param list<int> $materialsMinor
     * @param list<int> $hoursMinor
     */
    private function __construct(
        public array $materialsMinor,
        public int $wasteMinor,
        public array $hoursMinor,
        public int $costMinor,
        public int $marginMinor,
        public int $netMinor,
        public int $taxMinor,
        public int $totalMinor,
    ) {
    }

    /**
     * @param list<Material> $materials
     * @param list<Hours>    $hours
     * @param list<int>      $fixedMinor
     *
     * @throws \OakGloss\Quantity\OutOfRange If a percentage is out of range.
     */
    public static function of(
        array $materials,
        array $hours,
        array $fixedMinor = [],
        float $wastePercent = 0.0,
        float $marginPercent = 0.0,
        float $taxPercent = 0.0,
    ): self {
        Bounds::within($wastePercent, 0.0, 100.0, 'waste', '%');
        Bounds::within($marginPercent, -100.0, 1000.0, 'margin', '%');
        Bounds::within($taxPercent, 0.0, 100.0, 'tax', '%');
        $ofMaterials = array_map(fn (Material $m): int => $m->minor(), $materials);
        $ofHours = array_map(fn (Hours $h): int => $h->minor(), $hours);
        $waste = Decimal::share((int) array_sum($ofMaterials), $wastePercent);
        $cost = (int) (array_sum($ofMaterials) + $waste + array_sum($ofHours) + array_sum($fixedMinor));
        $margin = Decimal::share($cost, $marginPercent);
        $tax = Decimal::share($cost + $margin, $taxPercent);

        return new self($ofMaterials, $waste, $ofHours, $cost, $margin, $cost + $margin, $tax, $cost + $margin + $tax);
    }
}
