<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What is on a part as it comes, and has to come off before anything holds. */
enum Covering: string
{
    case Nothing = 'nothing';
    /** Film, glue or loose paint here and there. */
    case Remains = 'remains';
    case Paint = 'paint';
    /** Old clear or varnish that lets go. */
    case Lacquer = 'lacquer';
    /** Vinyl film and its glue. */
    case Vinyl = 'vinyl';
    case Rust = 'rust';

    /** To begin and to end it, min (ours). */
    public function stripMin(): float
    {
        return match ($this) {
            self::Nothing => 0.0,
            self::Remains => 5.0,
            default => 10.0,
        };
    }

    /** By the square metre, min: a door of 1.1 m² takes one to three hours (planning values, ours). */
    public function stripPerM2(): float
    {
        return match ($this) {
            self::Nothing => 0.0,
            self::Remains => 20.0,
            self::Paint => 75.0,
            self::Lacquer => 100.0,
            self::Vinyl => 130.0,
            self::Rust => 150.0,
        };
    }

    /** @return list<Caution> what taking it off brings */
    public function cautions(): array
    {
        return match ($this) {
            self::Nothing, self::Remains => [],
            self::Paint, self::Lacquer => [Caution::OldPaint, Caution::Dust],
            self::Vinyl => [Caution::HotAir, Caution::Knife],
            self::Rust => [Caution::Rotary, Caution::Dust],
        };
    }
}
