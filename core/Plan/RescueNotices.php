<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\FactLog;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Finding;
use OakGloss\Method\Rescue;
use OakGloss\Method\Severity;

/** Whether a bad surface is worth its rescue, and what knowing its film better would save. */
final class RescueNotices
{
    /** Thicker than this a film is brittle and cracks with the part, µm (ours). */
    private const BRITTLE_UM = 1000.0;

    /** @return list<Finding> */
    public static function of(FinishPlan $plan): array
    {
        if ($plan->method->coatCount()->atOnce < Rescue::COATS || $plan->brief->sides !== null || $plan->brief->film === null) {
            return [];
        }

        return [...self::strip($plan), ...self::measure($plan, $plan->brief->film)];
    }

    /** @return list<Finding> strip it: the film can't be had, would be brittle, or costs more than a new skin */
    private static function strip(FinishPlan $plan): array
    {
        $anew = FinishPlan::of($plan->brief->found(null), $plan->materials, new BrushOnSkin(), $plan->shop, FactLog::standing([]));
        $hands = $plan->handsAheadMin();
        $new = $anew->handsAheadMin() + $plan->shop->pace->stripping($plan->brief->coatedAreaM2());
        $states = $plan->resinFlat()->zones ?? [];
        $thickest = max([0.0, ...array_map(fn (ZoneState $z): float => $z->crownCover($z->after)->inMicrometres(), $states)]);
        $risk = $plan->worst()?->risk() ?? 0.0;
        $why = match (true) {
            $risk > $plan->shop->targetBurnThrough => 'never',
            $thickest > self::BRITTLE_UM => 'brittle',
            $hands > $new => 'dear',
            default => null,
        };

        return $why === null ? [] : [new Finding(Severity::Warn, "rescue.{$why}", [
            'rounds' => intdiv($plan->buildCoats, Rescue::COATS),
            'hands_span' => $hands,
            'new_span' => $new,
            'film' => $thickest,
            'most' => self::BRITTLE_UM,
            'risk' => $risk,
        ])];
    }

    /** @return list<Finding> where the same film, measured, would ask for fewer rounds: of a plan that nothing was read for yet */
    private static function measure(FinishPlan $plan, ExistingFilm $film): array
    {
        $known = ExistingFilm::known($film->overUm, $film->reliefUm, FilmSource::Measured);
        if ($plan->log->facts !== [] || $known->doubtUm >= $film->doubtUm || $plan->buildCoats === 0) {
            return [];
        }
        $measured = FinishPlan::of($plan->brief->found($known), $plan->materials, $plan->method, $plan->shop, $plan->log);

        return $measured->buildCoats >= $plan->buildCoats ? [] : [new Finding(Severity::Note, 'rescue.measure', [
            'rounds' => intdiv($plan->buildCoats, Rescue::COATS),
            'fewer' => intdiv($measured->buildCoats, Rescue::COATS),
            'doubt' => $film->doubtUm,
        ])];
    }
}
