<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Film\Coat;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Zone;
use OakGloss\Quantity\Temperature;

/** How many build coats one zone asks for by itself. */
final class CoatsNeeded
{
    /**
     * Fewest planned build coats straight after the wet-out that keep one zone under the target at the first flatting;
     * null if ten are not enough, or where the cloth is not laid by this plan.
     */
    public static function of(FinishPlan $plan, Zone $zone): ?int
    {
        $ladder = $plan->resinFlat()?->ladder;
        if ($ladder === null || $plan->brief->film !== null) {
            return null;
        }
        $allowance = ($zone->kind->isSandedByHand() ? CutBudget::byHand($ladder) : CutBudget::onFace($ladder))->allowanceUm();
        $air = Temperature::fromCelsius($plan->shop->workingAirC);
        $skin = SkinSection::wetOut(
            $plan->materials->cloth->weave,
            $zone->face,
            $plan->materials->skinResin->rheology,
            new Coat($plan->shop->weights->wetOutShare * $plan->materials->cloth->weave->arealGM2, $air),
        );

        return $skin->coatsNeeded(new Coat($plan->buildGM2(), $air), $allowance, $plan->shop->targetBurnThrough);
    }
}
