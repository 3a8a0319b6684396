<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** How resin comes into the plies of a moulding. */
enum LayUp: string
{
    /** Brushed into each ply; then the bag. */
    case Hand = 'hand';
    /** Drawn through the dry stack by the vacuum. */
    case Infused = 'infused';
}
