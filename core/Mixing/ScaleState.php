<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

/** What a scale says now. Only at rest is a weight taken from it. */
enum ScaleState: string
{
    /** Nothing was heard for too long. */
    case Lost = 'lost';
    /** More than it bears. */
    case Over = 'over';
    /** Under zero: the cup was lifted, or it was tared with the cup on it. */
    case Negative = 'negative';
    /** It leapt further than anybody pours: bumped, or something was put on it. */
    case Jumped = 'jumped';
    case Moving = 'moving';
    case AtRest = 'at_rest';
}
