<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Climate\ClimateKind;
use OakGloss\Climate\DewPoint;
use OakGloss\Material\Resin;
use OakGloss\Material\Substrate;

/** How warm a part with an uncured film may be made. Sheets that say less come first. */
final class ClimateLimit
{
    /** A part is kept this far below where its substrate softens, °C (ours). */
    private const SOFTENING_MARGIN_C = 15.0;

    /**
     * Whether a wet or young film may be kept in an air: not colder than its resin stalls at (is laid in, where no stall is known), not
     * near the dew point, and no warmer than thing, film and part bear.
     *
     * @param float|null $dewPointC null where no humidity is known
     */
    public static function suits(float $celsius, ClimateKind $kind, Resin $resin, Substrate $substrate, ?float $dewPointC): bool
    {
        return $celsius >= self::coldestC($resin, $dewPointC) && $celsius <= self::warmestC($kind, $substrate);
    }

    /** The coldest air for a wet or young film, °C. */
    public static function coldestC(Resin $resin, ?float $dewPointC): float
    {
        return max($resin->kinetics->stallC ?? $resin->minC, $dewPointC === null ? -INF : $dewPointC + DewPoint::MARGIN_C);
    }

    /** How warm the part itself may be made, °C; INF where no workshop softens it. */
    public static function substrateC(Substrate $substrate): float
    {
        $softens = $substrate->softensAtC();

        return $softens === null ? INF : $softens - self::SOFTENING_MARGIN_C;
    }

    /** How warm a cured skin on this part may be held in the box, °C. */
    public static function postCureC(Substrate $substrate): float
    {
        return min(ClimateKind::WarmBox->warmestC(), self::substrateC($substrate));
    }

    /** The least of what the thing makes, what the film bears and what the substrate bears, °C. */
    public static function warmestC(ClimateKind $kind, Substrate $substrate): float
    {
        return min($kind->warmestC(), Resin::FILM_WARMEST_C, self::substrateC($substrate));
    }
}
