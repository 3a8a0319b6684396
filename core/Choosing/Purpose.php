<?php

declare(strict_types=1);

namespace OakGloss\Choosing;

/** What the part does in use. */
enum Purpose: string
{
    case Cosmetic = 'cosmetic';
    /** It carries. */
    case Structure = 'structure';
    case Helmet = 'helmet';
    case Brake = 'brake';
    case Steering = 'steering';
    /** A cover that an airbag opens. */
    case Airbag = 'airbag';
    case Wheel = 'wheel';
    /** Where a seat belt is anchored. */
    case Belt = 'belt';

    /** A skin is cosmetic: nothing that a life hangs on is clad, drilled or made here. */
    public function isRefused(): bool
    {
        return $this !== self::Cosmetic;
    }
}
