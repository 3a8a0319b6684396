<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** What the part is made of, as far as a resin skin cares. */
enum Substrate: string
{
    case Abs = 'abs';
    case Polypropylene = 'polypropylene';
    case Polyethylene = 'polyethylene';
    case Polycarbonate = 'polycarbonate';
    case Pla = 'pla';
    case Petg = 'petg';
    case GlassFibre = 'glass_fibre';
    case Steel = 'steel';
    case Aluminium = 'aluminium';
    case Wood = 'wood';
    case Painted = 'painted';
    case Carbon = 'carbon';

    /** Resin does not stay on a polyolefin, keyed or not. */
    public function holdsResin(): bool
    {
        return $this !== self::Polypropylene && $this !== self::Polyethylene;
    }

    /** Acetone and other strong solvents attack some plastics and lift paint: these bear alcohol. */
    public function bearsSolvent(): bool
    {
        return ! in_array($this, [self::Abs, self::Polycarbonate, self::Painted, self::Petg, self::Pla], true);
    }

    /** Styrene of a polyester attacks it, or may: a printed plastic wants a trial first. */
    public function bearsStyrene(): bool
    {
        return ! in_array($this, [self::Abs, self::Polycarbonate, self::Pla, self::Petg], true);
    }

    /** It breathes out bubbles while it warms, and wants a seal under the base. */
    public function isPorous(): bool
    {
        return $this === self::Wood;
    }

    /** Linear expansion, 1e-6/K. Planning values. */
    public function expansion(): float
    {
        return match ($this) {
            self::Polyethylene => 150.0,
            self::Polypropylene => 100.0,
            self::Abs => 80.0,
            self::Polycarbonate, self::Pla => 68.0,
            self::Petg => 60.0,
            self::GlassFibre, self::Painted => 25.0,
            self::Aluminium => 23.0,
            self::Steel => 12.0,
            self::Wood => 8.0,
            self::Carbon => 3.0,
        };
    }

    public function isMetal(): bool
    {
        return $this === self::Steel || $this === self::Aluminium;
    }

    /** Edges and undersides are scored besides the key. */
    public function isScored(): bool
    {
        return in_array($this, [self::Abs, self::Polycarbonate, self::Pla, self::Petg], true);
    }

    /** Paper for the key before the base coat. */
    public function keyGrit(): int
    {
        return match ($this) {
            self::Steel, self::Aluminium, self::GlassFibre, self::Carbon => 120,
            self::Painted => 180,
            default => 150,
        };
    }

    /** How slowly a wall of usual thickness follows the air, minutes. Planning values. */
    public function lagMin(): float
    {
        return match ($this) {
            self::Steel, self::Aluminium => 10.0,
            self::Wood => 30.0,
            self::GlassFibre, self::Carbon, self::Painted => 15.0,
            default => 12.0,
        };
    }

    /** Softens above, °C; null where a workshop never gets there. Planning values. */
    public function softensAtC(): ?float
    {
        return match ($this) {
            self::Pla => 55.0,
            self::Petg => 70.0,
            self::Abs => 90.0,
            self::Polycarbonate => 125.0,
            default => null,
        };
    }
}
