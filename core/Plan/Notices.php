<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Ladder;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Batch;
use OakGloss\Quantity\Finding;
use OakGloss\Quantity\Severity;

/** What a reckoned plan should say of itself: thin film, dry cloth, missing papers, cups too small for the scale. */
final class Notices
{
    /** @return list<Finding> */
    public static function of(FinishPlan $plan): array
    {
        $findings = [];
        $worst = $plan->worst();
        if ($worst !== null && $worst->risk() > $plan->shop->targetBurnThrough) {
            $findings[] = new Finding(Severity::Warn, 'film.burns_through', ['zone' => $worst->zone->name, 'risk' => $worst->risk(), 'target' => $plan->shop->targetBurnThrough, 'left' => $worst->left()->inMicrometres()]);
        }
        $saturation = $plan->materials->cloth->weave->saturationGM2($plan->materials->clearResin->rheology->densityGCm3);
        $wetOut = $plan->step('wet-out');
        if ($wetOut?->laidGM2 !== null && ! $wetOut->skipped && $wetOut->laidGM2 < $saturation) {
            $findings[] = new Finding(Severity::Warn, 'film.dry_wet_out', ['laid' => $wetOut->laidGM2, 'saturation' => $saturation]);
        }
        $missing = array_diff($plan->papersAhead(), $plan->materials->grits);
        if ($missing !== []) {
            $findings[] = new Finding(Severity::Warn, 'papers.missing', ['papers' => implode(', ', array_map(fn (int $p): string => "P{$p}", $missing))]);
        }
        foreach ($plan->ahead() as $step) {
            if ($step->step->kind === StepKind::Flat && $step->step->grits !== null
                && Ladder::cheapest($step->step->grits->driven, 1.0, $plan->materials->grits, $step->step->grits->from, $step->step->grits->to, 1.0) === null) {
                $findings[] = new Finding(Severity::Warn, 'papers.gap', ['from' => $step->step->grits->from, 'to' => $step->step->grits->to]);
            }
            if ($step->batch !== null && $step->batch->worstRatioError($plan->shop->scaleStepG) > Batch::TOLERANCE) {
                $findings[] = new Finding(Severity::Warn, 'mix.too_small', [
                    'coat' => $step->step->name,
                    'grams' => $step->batch->totalG(),
                    'smallest' => Batch::smallestWithin($step->batch->ratio, $plan->shop->scaleStepG) ?? INF,
                    'scale' => $plan->shop->scaleStepG,
                ]);
            }
        }

        return $findings;
    }
}
