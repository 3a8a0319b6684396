<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Material\Resin;

/** A hardener, or a blend of two, that a coat could be mixed with. */
final readonly class HardenerChoice
{
    /**
     * @param int        $resinId   of the resin, or of the slow one in a blend
     * @param int|null   $fastId    of the fast one in a blend
     * @param float|null $fastShare 0 to 1
     */
    public function __construct(public Resin $resin, public int $resinId, public ?int $fastId = null, public ?float $fastShare = null)
    {
    }

    public function isBlend(): bool
    {
        return $this->fastId !== null;
    }
}
