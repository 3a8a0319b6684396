<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** What a field holds. */
enum FieldType: string
{
    case Number = 'number';
    case Whole = 'whole';
    case Text = 'text';
    case Choice = 'choice';
    /** Kept as 1 or 0. */
    case Flag = 'flag';
    /** A list of names, kept with bars between them. */
    case Names = 'names';

    public function isNumber(): bool
    {
        return $this === self::Number || $this === self::Whole;
    }
}
