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
