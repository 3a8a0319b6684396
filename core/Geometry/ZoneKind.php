<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/** What a zone asks of the work. */
enum ZoneKind: string
{
    case Level = 'level';
    case Slope = 'slope';
    case Flank = 'flank';
    /** With a radius: thin film, sanded by hand. */
    case Edge = 'edge';
    /** Lap or double ply: stands proud and burns through first, sanded by hand. */
    case Lap = 'lap';
    /** Inside corner: no block gets in; a folded paper by hand. */
    case Corner = 'corner';
    /** Bare or mating: hole, clip, bearing face; masked, gets no resin. */
    case Bare = 'bare';

    public function isCoated(): bool
    {
        return $this !== self::Bare;
    }

    public function isSandedByHand(): bool
    {
        return $this === self::Edge || $this === self::Lap || $this === self::Corner;
    }

    /** The kind of a plain face by its slope. */
    public static function ofFace(float $slopeDeg): self
    {
        return match (true) {
            $slopeDeg < 12.0 => self::Level,
            $slopeDeg < 50.0 => self::Slope,
            default => self::Flank,
        };
    }
}
