<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** How a surface is looked at, in the order that finds most. */
enum Look: string
{
    /** Along the wet film, in the minutes in which warm air still helps a bubble and a brush a crater. */
    case Wet = 'wet';
    /** From beneath, when what ran down hangs at the lower edges and can still be caught. */
    case Drips = 'drips';
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

    /** A wet look helps for so long after a coat, minutes. */
    public const WET_MIN = 10.0;

    /** Drips hang from about then, and are caught until then, minutes. */
    private const DRIPS_FROM_MIN = 25.0;
    private const DRIPS_UNTIL_MIN = 60.0;

    /**
     * What a coat of resin is looked over for, so long after it went on.
     *
     * @return list<self> none while there is nothing that a look could help
     */
    public static function afterCoat(float $ageMin): array
    {
        return match (true) {
            $ageMin <= self::WET_MIN => [self::Wet],
            $ageMin < self::DRIPS_FROM_MIN => [],
            $ageMin <= self::DRIPS_UNTIL_MIN => [self::Drips],
            default => [self::Raking],
        };
    }

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
