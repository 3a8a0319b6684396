<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Cure\Kinetics;
use OakGloss\Quantity\Bounds;

/** What must lie between the end of one step and the start of the next. */
final readonly class Gap
{
    private function __construct(
        public ?Kinetics $clock,
        public float $least,
        public float $most,
        public float $keyFrom,
        public ?float $stallC = null,
        public float $doubt = 0.0,
    ) {
    }

    /**
     * Minutes on the clock from END to START.
     *
     * @param float|null $most      null for no upper limit
     * @param float|null $againFrom from then on it may follow on another wipe; null where it may not
     */
    public static function minutes(float $least, ?float $most = null, ?float $againFrom = null): self
    {
        return new self(
            null,
            Bounds::within($least, 0.0, 1e6, 'least gap', 'min'),
            Bounds::within($most ?? 1e6, 0.0, 1e6, 'greatest gap', 'min') >= 1e6 ? INF : (float) $most,
            $againFrom === null ? INF : Bounds::within($againFrom, 0.0, 1e6, 'gap to wipe again from', 'min'),
        );
    }

    /**
     * Thermal age of the coat before. The least is counted END to START; the most must hold for the first-laid
     * resin (START to START) and for the last (END to END). From $keyFrom on the step may be done keyed.
     *
     * @param float|null $stallC time colder than this does not age the coat
     * @param float      $doubt  of the ages, as a share; a plan that was kept is not given up for less
     */
    public static function age(
        Kinetics $clock,
        float $least,
        ?float $most = null,
        ?float $keyFrom = null,
        ?float $stallC = null,
        float $doubt = 0.0,
    ): self {
        Bounds::within($least, 0.0, 1e6, 'least age', 'min');
        Bounds::within($most ?? 0.0, 0.0, 1e6, 'greatest age', 'min');
        Bounds::within($keyFrom ?? 0.0, 0.0, 1e6, 'age to key from', 'min');

        Bounds::within($doubt, 0.0, 1.0, 'doubt of ages', '');

        return new self($clock, $least, $most ?? INF, $keyFrom ?? INF, $stallC, $doubt);
    }

    public function isBond(): bool
    {
        return $this->clock !== null && is_finite($this->most);
    }
}
