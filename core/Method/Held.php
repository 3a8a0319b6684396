<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What a hollow part held before it came. */
enum Held: string
{
    case Nothing = 'nothing';
    /** Fuel, or anything else whose vapour burns. */
    case Fuel = 'fuel';
}
