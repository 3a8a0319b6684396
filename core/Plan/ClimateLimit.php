<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Climate\ClimateKind;
use OakGloss\Material\Resin;
use OakGloss\Material\Substrate;

/** How warm a part with an uncured film may be made. Sheets that say less come first. */
final class ClimateLimit
{
    /** A part is kept this far below where its substrate softens, °C (ours). */
    private const SOFTENING_MARGIN_C = 15.0;

    /** How warm a cured skin on this part may be held in the box, °C. */
    public static function postCureC(Substrate $substrate): float
    {
        $softens = $substrate->softensAtC();

        return min(ClimateKind::WarmBox->warmestC(), $softens === null ? INF : $softens - self::SOFTENING_MARGIN_C);
    }

    /** The least of what the thing makes, what the film bears and what the substrate bears, °C. */
    public static function warmestC(ClimateKind $kind, Substrate $substrate): float
    {
        $softens = $substrate->softensAtC();

        return min($kind->warmestC(), Resin::FILM_WARMEST_C, $softens === null ? INF : $softens - self::SOFTENING_MARGIN_C);
    }
}
