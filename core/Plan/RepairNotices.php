<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\FactLog;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Choice\DamageKind;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Choices;
use OakGloss\Method\Damage;
use OakGloss\Method\Finding;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Severity;

/** Whether a damaged place is worth its repair: its hands against those of a whole new skin. */
final class RepairNotices
{
    /** A repair that takes so much of a new skin's hands is no bargain: it stays a repair (ours). */
    private const WORTH = 0.6;

    /** @return list<Finding> */
    public static function of(FinishPlan $plan): array
    {
        if ($plan->brief->film === null || $plan->brief->wholeM2 === null) {
            return [];
        }
        $hands = $plan->handsAheadMin();
        $anew = self::newSkinMin($plan, max($plan->brief->wholeM2, $plan->brief->coatedAreaM2()));
        $isWorth = $hands <= self::WORTH * $anew;
        $args = ['hands_span' => $hands, 'new_span' => $anew, 'share' => $hands / $anew];

        return [
            new Finding($isWorth ? Severity::Note : Severity::Warn, $isWorth ? 'repair.worth' : 'repair.not_worth', $args),
            ...($plan->brief->choices->of(DamageKind::class) !== Damage::Through ? []
                : [new Finding(Severity::Warn, 'repair.through', [], DamageKind::name())]),
        ];
    }

    /** Hands that strip such a part and skin it anew, as level as can be: the least that it takes. */
    private static function newSkinMin(FinishPlan $plan, float $areaM2): float
    {
        $brief = $plan->brief;
        $anew = new PartBrief(
            zones: [new Zone('part', ZoneKind::Level, 0.0, 0.5 * sqrt($areaM2), $areaM2)],
            developedMm: null,
            substrate: $brief->substrate,
            primed: true,
            tone: $brief->tone,
            backing: $brief->backing,
            finish: $brief->finish,
            sun: false,
            heat: false,
            wear: false,
            choices: new Choices(top: $brief->choices->of(TopKind::class)),
        );

        return $plan->shop->pace->stripping($areaM2)
            + FinishPlan::of($anew, $plan->materials, new BrushOnSkin(), $plan->shop, FactLog::standing([]))->handsAheadMin();
    }
}
