<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;

/** A stored part that no plan can be made of. It is named and left out; the shop goes on. */
final class UnplannablePart extends \RuntimeException
{
    private function __construct(public readonly Part $part, string $why, \Throwable $cause)
    {
        parent::__construct($why, 0, $cause);
    }

    public static function of(Part $part, \Throwable $cause): self
    {
        return new self($part, $cause instanceof \DomainException || $cause instanceof \OakGloss\Quantity\OakGlossFault ? ucfirst($cause->getMessage()).'.' : 'One of its rows can\'t be read.', $cause);
    }
}
