<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use OakGloss\Quantity\OakGlossFault;

/** A stored part that no plan can be made of. It is named and left out; the shop goes on. */
final class UnplannablePart extends \RuntimeException
{
    private function __construct(public readonly Part $part, string $why, \Throwable $cause)
    {
        parent::__construct($why, 0, $cause);
    }

    public static function of(Part $part, \Throwable $cause): self
    {
        if ($cause instanceof \DomainException || $cause instanceof OakGlossFault) {
            return new self($part, ucfirst($cause->getMessage()).'.', $cause);
        }
        // A row that nobody thought of, or a mistake of ours: whoever looks after the machine finds it in the log.
        report($cause);

        return new self($part, 'One of its rows can\'t be read.', $cause);
    }
}
