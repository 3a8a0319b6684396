<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** How many coats of each kind the plan has found to go on. */
final readonly class CoatCounts
{
    /**
     * @param int          $tack      fresh ones on a base whose window for the cloth was missed
     * @param int          $liftPlies of a mould that may be laid at once; 0 where one is too many
     * @param list<string> $passZones zones of the second passes, empty where none is needed
     */
    public function __construct(
        public int $build,
        public int $tack = 0,
        public int $clear = 1,
        public int $filler = 0,
        public int $liftPlies = 1,
        public array $passZones = [],
    ) {
    }
}
