<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** What the base coat is coloured with. */
enum Backing: string
{
    case Black = 'black';
    case Untinted = 'untinted';
}
