<?php

declare(strict_types=1);

namespace App\Planning;

/** Whether a check is averaged in. */
enum CheckStands: string
{
    case Counts = 'counts';
    /** Far off: is the ratio, the mix or the probe wrong? */
    case Asks = 'asks';
    case LeftOut = 'left_out';
}
