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
    /** So much went wrong that it is to begin again. */
    case Spoilt = 'spoilt';
    /** Something fell or was wiped into a fresh film. */
    case FilmTouched = 'film_touched';

    /** Whether what was in the cup is gone. */
    public function emptiesCup(): bool
    {
        return in_array($this, [self::CupKicked, self::CupBinned, self::WrongJar], true);
    }

    /** Whether what comes next would go over it. */
    public function isOnPart(): bool
    {
        return ! $this->emptiesCup() || $this === self::WrongJar;
    }

    public function habit(): Habit
    {
        return match ($this) {
            self::CupKicked, self::CupBinned, self::WrongJar => Habit::Mix,
            self::ClothCreased => Habit::Cloth,
            self::PartDropped, self::FilmTouched, self::Spoilt => Habit::Clean,
        };
    }
}
