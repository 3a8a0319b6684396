<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

/** How a cup may be used, by how far its hardener lies off what the sheet asks for. */
enum CupVerdict: string
{
    case Empty = 'empty';
    /** Within the usual tolerance of two-part resins. */
    case Right = 'right';
    /** Cures, weaker: said, and left to who mixes. */
    case Near = 'near';
    /** Stays soft, or gets brittle: no cup that counts as mixed. */
    case Off = 'off';

    /** Hardener off by more is no mix any more, a share of what is asked for (usual limit of two-part resins). */
    public const MOST_OFF = 0.05;

    /** What hardener without any resin counts as, over what is asked for (ours). */
    private const NO_RESIN = 10.0;

    public static function of(Pour $pour, ?Catalyst $catalyst = null): self
    {
        if ($pour->resinG + $pour->hardenerG <= 0.0) {
            return self::Empty;
        }
        $error = $pour->ratioError();
        if ($error === null) {
            return self::Off;
        }
        if ($catalyst !== null) {
            // The span of its sheet is what counts, not the percentage of the hour.
            return match (true) {
                ! $catalyst->allows($pour->hardenerG, $pour->resinG) => self::Off,
                $pour->keepsRatio() => self::Right,
                default => self::Near,
            };
        }

        return match (true) {
            $pour->keepsRatio() => self::Right,
            abs($error) <= self::MOST_OFF + 1e-9 => self::Near,
            default => self::Off,
        };
    }

    /**
     * Hardener over what is asked for, as a share of it; −1 where there is none; null where there is nothing to say of it.
     */
    public static function offBy(Pour $pour, ?Catalyst $catalyst = null): ?float
    {
        return self::of($pour, $catalyst) !== self::Off
            ? null
            : $pour->ratioError() ?? ($pour->hardenerG > 0.0 ? self::NO_RESIN : -1.0);
    }
}
