<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** What goes wrong at the bench in a moment. */
enum Mishap: string
{
    case CupKicked = 'cup_kicked';
    case WrongJar = 'wrong_jar';
    case ClothCreased = 'cloth_creased';
    case PartDropped = 'part_dropped';
    /** Something fell or was wiped into a fresh film. */
    case FilmTouched = 'film_touched';

    public function habit(): Habit
    {
        return match ($this) {
            self::CupKicked, self::WrongJar => Habit::Mix,
            self::ClothCreased => Habit::Cloth,
            self::PartDropped, self::FilmTouched => Habit::Clean,
        };
    }
}
