<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** What a clear is and how it goes on. */
enum ClearKind: string
{
    /** Two-part lacquer from a gun. */
    case TwoPart = 'two_part';
    /** One-part lacquer from cans. */
    case Can = 'can';
    /** One-part UV varnish, brushed. */
    case Varnish = 'varnish';
    /** Sprayed gel or filler clear, blocked flat under the last clear. */
    case Filler = 'filler';

    public function isBrushed(): bool
    {
        return $this === self::Varnish;
    }
}
