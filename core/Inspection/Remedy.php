<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** A way out of a defect, or of a mishap. */
enum Remedy: string
{
    /** Left as it is: judged by the class of its face. */
    case Accept = 'accept';
    /** Left to the coats still to come. */
    case Bury = 'bury';
    /** Into the film while it is wet: picked out, brushed over. */
    case WorkWet = 'work_wet';
    /** Warm air over a fresh film, so that bubbles rise. */
    case HotAir = 'hot_air';
    /** Warm water and a pad. */
    case Wash = 'wash';
    /** A coat now, in the open window. */
    case CoatNow = 'coat_now';
    /** Sanded out of the film that lies there. */
    case SandOut = 'sand_out';
    /** Wiped and coated as it is: it was flatted, and nothing lies over it since. */
    case Flood = 'flood';
    /** Sanded down, wiped twice, coated. */
    case SandAndCoat = 'sand_and_coat';
    /** A place of its own: filled proud, cured, levelled by hand. */
    case SpotFill = 'spot_fill';
    /** Bare fibre: tinted where it shows, covered at once. */
    case Cover = 'cover';
    /** Slit, resin drawn under, pressed. */
    case Inject = 'inject';
    /** Cut out and a piece spliced in. */
    case Splice = 'splice';
    /** Pulled straight while it still shifts. */
    case Shift = 'shift';
    case Trim = 'trim';
    /** A warm hold. */
    case Hold = 'hold';
    /** Back one paper and up again. */
    case Finer = 'finer';
    /** Clear flatted and polished again. */
    case Repolish = 'repolish';
    /** Flatted and cleared again. */
    case Reclear = 'reclear';
    /** The cup is thrown away and weighed anew. */
    case NewCup = 'new_cup';
    /** Washed off while it is wet, and done again. */
    case WashOff = 'wash_off';

    /** Whether it may stay on one place, however large the face is. */
    public function isLocal(): bool
    {
        return in_array($this, [self::SpotFill, self::Cover, self::Inject, self::Splice, self::WorkWet, self::Trim], true);
    }

    /** Whether nothing has to be done for it. */
    public function isLeaving(): bool
    {
        return $this === self::Accept || $this === self::Bury;
    }
}
