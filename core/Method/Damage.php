<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** How deep it goes. */
enum Damage: string
{
    /** In the resin, down to the fibre at most. */
    case Chip = 'chip';
    /** Through the resin and along the fibre; nothing moves. */
    case Crack = 'crack';
    /** Through the laminate. */
    case Through = 'through';
}
