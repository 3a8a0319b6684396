<?php

declare(strict_types=1);

namespace OakGloss\Climate;

use OakGloss\Quantity\Bounds;

/** One weekday's air: coldest and warmest, and when. Minutes are counted from local midnight; a day on which summer time ends has 1500. */
final readonly class DayCurve
{
    /**
     * @throws \OakGloss\Quantity\OutOfRange If a temperature lies outside −40 to 60 °C or a time outside the day.
     */
    public function __construct(
        public float $coldestC,
        public int $coldestAtMin,
        public float $warmestC,
        public int $warmestAtMin,
    ) {
        Bounds::within($coldestC, -40.0, 60.0, 'coldest of the day', '°C');
        Bounds::within($warmestC, $coldestC, 60.0, 'warmest of the day', '°C');
        Bounds::within($coldestAtMin, 0, 1499, 'time of the coldest', 'min');
        Bounds::within($warmestAtMin, 0, 1499, 'time of the warmest', 'min');
    }

    /**
     * The day's two turning points.
     *
     * @return list<array{float, float}> [minute since midnight, °C], in the order of time
     */
    public function points(): array
    {
        $points = [[(float) $this->coldestAtMin, $this->coldestC], [(float) $this->warmestAtMin, $this->warmestC]];
        usort($points, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $points[0][0] === $points[1][0] ? [$points[0]] : $points;
    }
}
