<?php

declare(strict_types=1);

namespace OakGloss\Cloth;

use OakGloss\Quantity\Bounds;

/** The pressure under a clamped bag, read twice: what comes back in is a leak. */
final readonly class LeakCheck
{
    /** A bag is let go with no more than this, mbar in ten minutes (planning value; the shop's own comes first). */
    public const LIMIT_MBAR = 5.0;
    public const LIMIT_MIN = 10.0;
    /** A shorter look says nothing, min (ours). */
    public const SHORTEST_MIN = 2.0;

    /** @param float $mbarIn10 rise brought to ten minutes */
    private function __construct(public float $mbarIn10, public float $limitMbar)
    {
    }

    /**
     * @param float $fromMbar absolute, 0 to 1 100, when the hose was clamped
     * @param float $toMbar   absolute, 0 to 1 100, after so many minutes
     * @param float $minutes  2 to 600
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public static function read(float $fromMbar, float $toMbar, float $minutes, float $limitMbar = self::LIMIT_MBAR): self
    {
        Bounds::within($fromMbar, 0.0, 1100.0, 'pressure when clamped', 'mbar');
        Bounds::within($toMbar, 0.0, 1100.0, 'pressure then', 'mbar');
        Bounds::within($minutes, self::SHORTEST_MIN, 600.0, 'time between', 'min');

        return new self(max(0.0, $toMbar - $fromMbar) * self::LIMIT_MIN / $minutes, $limitMbar);
    }

    public function holds(): bool
    {
        return $this->mbarIn10 <= $this->limitMbar + 1e-9;
    }
}
