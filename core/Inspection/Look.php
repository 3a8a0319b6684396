<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** How a surface is looked at, in the order that finds most. */
enum Look: string
{
    /** Dry, along the face: before any wipe, which would hide bare fibre. */
    case Raking = 'raking';
    /** Shows the gloss to come; haze that vanishes wet is scratch. */
    case Alcohol = 'alcohol';
    /** Powder or guide coat: what scratch and lows are left. */
    case Guide = 'guide';
    /** A tube lamp's line: waves. */
    case Reflection = 'reflection';
    /** Feels a low of 10 to 20 µm. */
    case Fingertip = 'fingertip';
    /** At an edge, once paper should dust: a coat that was no mix dents. Asked for after such a coat alone. */
    case Nail = 'nail';

    /**
     * After a coat, a flatting, or at the end.
     *
     * @return non-empty-list<self>
     */
    public static function after(Moment $moment): array
    {
        return match ($moment) {
            // A fresh film bears no hand and no wipe.
            Moment::Coat => [self::Raking],
            Moment::Flatting => [self::Raking, self::Alcohol, self::Guide, self::Reflection, self::Fingertip],
            Moment::End => [self::Raking, self::Reflection, self::Fingertip],
        };
    }
}
