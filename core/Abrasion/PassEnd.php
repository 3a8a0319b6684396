<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

/** What a zone looked like when the paper was laid away. */
enum PassEnd: string
{
    /** Uniformly matt: the plane is through every valley, the older scratch is gone. */
    case Matt = 'matt';
    /** Shiny lows are left. */
    case Lows = 'lows';
    /** The weave's pattern shows: a crown is bare. */
    case Weave = 'weave';
    /** Nobody looked yet: only the minutes count. */
    case Open = 'open';
}
