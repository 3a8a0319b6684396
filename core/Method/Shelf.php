<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** Where on the shelf a slot is filled from. */
enum Shelf
{
    case Resin;
    case Cloth;
    case Clear;
    case Aid;
}
