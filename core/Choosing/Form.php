<?php

declare(strict_types=1);

namespace OakGloss\Choosing;

/** How far cloth has to follow. */
enum Form: string
{
    /** Flat, or bent one way. */
    case Flat = 'flat';
    /** Gently curved. */
    case Curved = 'curved';
    /** Hollows and inside corners that hands don't press cloth into. */
    case Deep = 'deep';
}
