<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

use OakGloss\Quantity\OakGlossFault;

/** A number that no paper of the P series carries. */
final class UnknownGrit extends \DomainException implements OakGlossFault
{
    public static function number(int $number): self
    {
        return new self("P{$number} is no paper of the P series");
    }
}
