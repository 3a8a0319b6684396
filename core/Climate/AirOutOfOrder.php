<?php

declare(strict_types=1);

namespace OakGloss\Climate;

use OakGloss\Quantity\OakGlossFault;

/** The points of an air curve do not form a curve. */
final class AirOutOfOrder extends \DomainException implements OakGlossFault
{
    public static function at(int $index, float $minute): self
    {
        return new self(sprintf('air point %d at minute %s must come later than the point before it', $index + 1, $minute));
    }

    public static function empty(): self
    {
        return new self('air needs at least one point');
    }
}
