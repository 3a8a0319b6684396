<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/** How a zone is looked at: decides acceptance. */
enum Visibility: string
{
    /** At eye level. */
    case Show = 'show';
    /** Seen when looked for. */
    case Second = 'second';
    case Hidden = 'hidden';
}
