<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** How a person parts thousands and tenths. */
enum DecimalMark: string
{
    /** 1,234.5 */
    case Point = 'point';
    /** 1.234,5 */
    case Comma = 'comma';
    /** Nobody said: a point parts tenths as the app writes them, a comma too where it can be nothing else. */
    case Unsaid = 'unsaid';

    /** Whether a mark before three digits may stand for either. */
    public function doubts(string $mark): bool
    {
        return match ($this) {
            self::Point => false,
            self::Comma => $mark === '.',
            self::Unsaid => $mark === ',',
        };
    }

    public function partsThousands(string $mark): bool
    {
        return $this === self::Point && $mark === ',';
    }
}
