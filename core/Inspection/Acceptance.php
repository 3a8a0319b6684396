<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

use OakGloss\Geometry\Visibility;

/** What a face bears of defects that stay, by how it is looked at. */
final class Acceptance
{
    /** A speck under this is not seen at eye level, mm; nor more of them than so many on one face (ours). */
    private const SHOW_MM = 0.8;
    private const SHOW_COUNT = 2;

    /** On a face that is seen when looked for (ours). */
    private const SECOND_MM = 6.0;
    private const SECOND_COUNT = 6;

    /** Whether a defect may stay as it is. What grows or never hardens may stay nowhere. */
    public static function bears(Visibility $class, Defect $defect, float $sizeMm, int $count): bool
    {
        if ($defect === Defect::Delamination || $defect === Defect::Soft) {
            return false;
        }

        return match ($class) {
            Visibility::Hidden => true,
            Visibility::Second => $defect->isOfAFace()
                ? $defect !== Defect::Yellowing
                : $sizeMm <= self::SECOND_MM && $count <= self::SECOND_COUNT,
            Visibility::Show => ! $defect->isOfAFace() && ! $defect->showsFlat() && $sizeMm <= self::SHOW_MM && $count <= self::SHOW_COUNT,
        };
    }
}
