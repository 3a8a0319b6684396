<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What makes the surface. */
enum Top: string
{
    case Clear = 'clear';
    case PolishResin = 'polish_resin';

    /** A lacquer goes over the resin. */
    public function isSprayed(): bool
    {
        return $this === self::Clear;
    }
}
