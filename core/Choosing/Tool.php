<?php

declare(strict_types=1);

namespace OakGloss\Choosing;

/** What a shop has, or lacks. */
enum Tool: string
{
    case VacuumPump = 'vacuum_pump';
    case SprayGun = 'spray_gun';
    /** Cartridges against vapour and mist: styrene, solvents, clears without isocyanate. */
    case Respirator = 'respirator';
    /** Air from outside, by a hose: no cartridge holds isocyanate back. */
    case AirFed = 'air_fed';
    /** What local rules ask of who sprays isocyanate. */
    case Licence = 'licence';
    case Booth = 'booth';
    /** Hot air: cloth is warmed so that it follows, bubbles are driven out. */
    case Dryer = 'dryer';
    case WarmBox = 'warm_box';
    /** Warmer than a box, and big enough for the part. */
    case Oven = 'oven';
    case Sander = 'sander';
    case Clamps = 'clamps';

    /** @return list<self> with which isocyanate may be sprayed: all of them, and none of them is borrowed */
    public static function forIsocyanate(): array
    {
        return [self::AirFed, self::Booth, self::Licence];
    }
}
