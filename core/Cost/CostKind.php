<?php

declare(strict_types=1);

namespace OakGloss\Cost;

/** What a line of a bill is for. */
enum CostKind: string
{
    case Material = 'material';
    case Hands = 'hands';
    /** A booth, a warm box: hours of a place. */
    case Place = 'place';
    /** Gloves, cloths, cups, sticks: by the hour of wet work. */
    case Wet = 'wet';
    /** The same by the coat, in quotes that were given before it went by the hour. */
    case Coat = 'coat';
    /** What another shop does. */
    case SentOut = 'sent_out';
}
