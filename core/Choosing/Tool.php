<?php

declare(strict_types=1);

namespace OakGloss\Choosing;

/** What a shop has, or lacks. */
enum Tool: string
{
    case VacuumPump = 'vacuum_pump';
    case SprayGun = 'spray_gun';
    /** Respirator for styrene, air-fed for isocyanate. */
    case Mask = 'mask';
    case WarmBox = 'warm_box';
    /** Warmer than a box, and big enough for the part. */
    case Oven = 'oven';
    case Sander = 'sander';
    case Clamps = 'clamps';
}
