<?php

declare(strict_types=1);

namespace OakGloss\Method;

enum FollowKind: string
{
    case Minutes = 'minutes';
    case Tacky = 'tacky';
    case Set = 'set';
    case Sandable = 'sandable';
    case Cured = 'cured';
    /** So old that what is still to shrink prints no weave back that a lamp shows. */
    case Settled = 'settled';
}
