<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cure\Fit;
use OakGloss\Cure\Milestone;
use OakGloss\Cure\SlabHeat;
use OakGloss\Material\Resin;
use OakGloss\Method\Materials;
use OakGloss\Method\PartBrief;
use OakGloss\Method\PostCure;
use OakGloss\Method\Workshop;
use OakGloss\Quantity\Temperature;

/** What a laminate that stands by itself has to bear: its own heat as it cures, and the warmth of its life. °C. */
final class FreeLaminate
{
    /** A pattern or panel that nothing softens moves in joints and filler above this (planning value). */
    public const FORM_C = 60.0;

    /** The warmest that the part will get; null where it sees neither sun nor heat. */
    public static function serviceC(PartBrief $brief): ?float
    {
        return match (true) {
            $brief->heat => ServiceNotices::HEAT_C,
            $brief->sun => ServiceNotices::SUN_C,
            default => null,
        };
    }

    /** What pattern or panel bears while a laminate cooks on it. */
    public static function formC(PartBrief $brief): float
    {
        return min(self::FORM_C, ClimateLimit::substrateC($brief->substrate));
    }

    /** Whether it bears its life without a hold; null where its life is cool. */
    public static function fit(PartBrief $brief, Materials $materials, Workshop $shop): ?Fit
    {
        $service = self::serviceC($brief);

        return $service === null ? null : Fit::of(
            $materials->skinResin->ultimateTgC,
            [$shop->workingAirC],
            $service,
            $shop->workingAirC,
            ClimateLimit::substrateC($brief->substrate) === INF ? ServiceNotices::BEARS_ANY_C : ClimateLimit::substrateC($brief->substrate),
            0.0,
            0.0,
            0.0,
        );
    }

    /** The hold that its life asks for, with the ramps; null where none is needed, or none can be had. */
    public static function postCure(PartBrief $brief, Materials $materials, Workshop $shop): ?PostCure
    {
        $hold = self::fit($brief, $materials, $shop)->postCure ?? null;
        if ($hold === null || ! $hold['possible'] || $hold['holdC'] > $shop->hottestC) {
            return null;
        }
        $kinetics = $materials->skinResin->kinetics;
        $rate = $kinetics->activation->rate(Temperature::fromCelsius($hold['holdC']), $kinetics->reference);
        $age = $kinetics->age(Milestone::Full) - $kinetics->age(Milestone::Sandable);

        return new PostCure($hold['holdC'], 60.0 * ceil(max(PostCure::SHORTEST_MIN, $age / $rate) / 60.0) + 120.0 * ceil($hold['rampH']));
    }

    /** Plies of a mould that pattern and laminate bear at once. */
    public static function liftPlies(PartBrief $brief, Materials $materials, Workshop $shop, Temperature $air): int
    {
        $resin = $materials->resins['mould_resin'] ?? null;

        if ($resin === null) {
            return 1;
        }

        return min(
            self::byHands($resin, $brief, $shop, $air),
            self::slab($resin, $materials->mould()->weave->arealGM2, $shop)->liftPlies($air, self::formC($brief)),
        );
    }

    /** Plies that one pair of hands wets through before the first of them gels, its cup mixed and poured first; one always. */
    public static function byHands(Resin $resin, PartBrief $brief, Workshop $shop, Temperature $air): int
    {
        return max(1, (int) floor(($resin->rheology->gelAt($air) - $shop->pace->mixMin) / $shop->pace->innerPly($brief->coatedAreaM2())));
    }

    /** Of so much fibre a ply with the shop's share of resin. */
    public static function slab(Resin $resin, float $plyGM2, Workshop $shop): SlabHeat
    {
        return new SlabHeat($resin->cupHeat(), $plyGM2, $shop->weights->laminateShare);
    }

    /** What a mould bears that cured at the shop's air, or was held warm. */
    public static function mouldC(FinishPlan $plan): float
    {
        $resin = $plan->materials->resins['mould_resin'] ?? $plan->materials->skinResin;
        $hold = self::postCure($plan->brief, $plan->materials, $plan->shop)->celsius ?? $plan->shop->workingAirC;

        return min($resin->ultimateTgC, max($plan->shop->workingAirC, $hold) + Fit::ABOVE_CURE_C) - Fit::MARGIN_C;
    }
}
