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
    /** Cups, brushes and gloves of a coat. */
    case Coat = 'coat';
    /** What another shop does. */
    case SentOut = 'sent_out';
}
