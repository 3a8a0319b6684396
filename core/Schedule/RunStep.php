<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Quantity\Bounds;

/** One step that wants hands. */
final readonly class RunStep
{
    /**
     * @param float      $handsMin 0 to 1 440
     * @param Gap|null   $after    null where nothing before it matters
     * @param float|null $minC     may not start in colder air
     * @param float      $keyMin   hands-on minutes more where it is done keyed
     */
    public function __construct(
        public string $id,
        public float $handsMin,
        public ?Gap $after = null,
        public ?float $minC = null,
        public float $keyMin = 0.0,
    ) {
        Bounds::within($handsMin, 0.0, 1440.0, 'hands-on time', 'min');
        Bounds::within($keyMin, 0.0, 1440.0, 'time to key', 'min');
        Bounds::within($minC ?? 0.0, -40.0, 120.0, 'coldest air to start in', '°C');
    }
}
