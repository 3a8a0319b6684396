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
    /** Dry cloth lifted off a base that is wet, and laid again as that turns tacky. */
    case Relay = 'relay';
    /** Dry cloth lifted off a mist, and laid into a fresh one. */
    case Remist = 'remist';
    /** Pulled off a tacky base, and a new piece laid while that holds. */
    case NewPiece = 'new_piece';
    /** Pulled off, the base keyed, a new piece on a fresh tack coat. */
    case TackCoat = 'tack_coat';
    /** Wetted cloth stripped off while it is wet, all of it done again. */
    case StripWet = 'strip_wet';
    /** The newest coat, that stayed soft, scraped and washed off. */
    case TakeOff = 'take_off';
    /** The skin stripped, the job begun again. */
    case StartOver = 'start_over';
    /** Looked over: nothing came of it. */
    case Unharmed = 'unharmed';
    /** The cup is thrown away and weighed anew. */
    case NewCup = 'new_cup';
    /** No new cup now: the coat goes on when it may next. */
    case Later = 'later';
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
        return in_array($this, [self::Accept, self::Bury, self::Unharmed, self::Later], true);
    }

    /** Whether the coat that it is about is on the part no more once it is taken. */
    public function takesCoatOff(): bool
    {
        return in_array($this, [self::WashOff, self::StripWet, self::TakeOff], true);
    }
}
