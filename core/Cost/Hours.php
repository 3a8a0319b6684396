<?php

declare(strict_types=1);

namespace OakGloss\Cost;

use Brick\Math\BigRational;
use OakGloss\Quantity\Bounds;

/** Minutes of hands, of a booth or of a box, at a rate. */
final readonly class Hours
{
    /** @throws \OakGloss\Quantity\OutOfRange If minutes or rate are out of range. */
    public function __construct(public float $minutes, public int $rateMinorH)
    {
        Bounds::within($minutes, 0.0, 1e7, 'minutes', 'min');
        Bounds::within($rateMinorH, 0.0, 1e9, 'rate', 'minor units an hour');
    }

    public function minor(): int
    {
        return Decimal::minor(BigRational::of(Decimal::of($this->minutes))->multipliedBy($this->rateMinorH)->dividedBy(60));
    }
}
