<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Quantity\OakGlossFault;

/** A working window that ends before it begins. */
final class BackwardWindow extends \DomainException implements OakGlossFault
{
    public static function from(float $from, float $until): self
    {
        return new self(sprintf('a working window from minute %s must end later than minute %s', $from, $until));
    }
}
