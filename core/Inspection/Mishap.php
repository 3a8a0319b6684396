<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** What goes wrong at the bench in a moment. */
enum Mishap: string
{
    case CupKicked = 'cup_kicked';
    case WrongJar = 'wrong_jar';
    /** What is in the cup can't be put right, or is not worth it. */
    case CupBinned = 'cup_binned';
    case ClothCreased = 'cloth_creased';
    case PartDropped = 'part_dropped';
    /** Something fell or was wiped into a fresh film. */
    case FilmTouched = 'film_touched';

    /** Whether what was in the cup is gone. */
    public function emptiesCup(): bool
    {
        return in_array($this, [self::CupKicked, self::CupBinned, self::WrongJar], true);
    }

    public function habit(): Habit
    {
        return match ($this) {
            self::CupKicked, self::CupBinned, self::WrongJar => Habit::Mix,
            self::ClothCreased => Habit::Cloth,
            self::PartDropped, self::FilmTouched => Habit::Clean,
        };
    }
}
