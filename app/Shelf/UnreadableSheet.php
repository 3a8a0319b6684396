<?php

declare(strict_types=1);

namespace App\Shelf;

use OakGloss\Quantity\OakGlossFault;

/** A kept sheet from which nothing can be reckoned, however it came there. */
final class UnreadableSheet extends \DomainException implements OakGlossFault
{
    public static function of(string $name, \Throwable $why): self
    {
        return new self($why instanceof OakGlossFault
            ? "the sheet of {$name} makes no sense: {$why->getMessage()}"
            : "the sheet of {$name} can't be read", 0, $why);
    }
}
