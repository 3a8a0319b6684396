<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/** What a coat comes to as it cures. `gloss:calc cure-window` knows others by any name. */
enum Milestone: string
{
    /** A touch prints and takes nothing away: the next coat bonds. */
    case TackFrom = 'tack_from';
    /** Past it the next coat bonds no more. */
    case TackUntil = 'tack_until';
    /** Paper dusts and does not clog. */
    case Sandable = 'sandable';
    case Full = 'full';
}
