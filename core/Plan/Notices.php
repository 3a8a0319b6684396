<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Abrasion\ScratchCheck;
use OakGloss\Film\Coat;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Method\Choice\Openings;
use OakGloss\Method\Choice\OpeningSize;
use OakGloss\Method\Finding;
use OakGloss\Method\Role;
use OakGloss\Method\Severity;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\MixRatio;
use OakGloss\Quantity\Temperature;

/** What a reckoned plan should say of itself: thin film, dry cloth, missing papers, cups too small for the scale. */
final class Notices
{
    /** A machine is worth a word where it saves so much, min (ours). */
    private const WORTH_A_MACHINE_MIN = 30.0;

    /** @return list<Finding> */
    public static function of(FinishPlan $plan): array
    {
        $findings = [];
        $worst = $plan->worst();
        if ($worst !== null && $worst->risk() > $plan->shop->targetBurnThrough) {
            $findings[] = new Finding(
                Severity::Warn,
                self::moreHelps($plan, $worst) ? 'film.burns_through' : 'film.burns_through_still',
                [
                    'zone' => $worst->zone->name,
                    'risk' => $worst->risk(),
                    'target' => $plan->shop->targetBurnThrough,
                    'left' => $worst->left()->inMicrometres(),
                ],
            );
        }
        $off = OffRatio::standing($plan);
        if ($off !== null) {
            $share = (float) OffRatio::of($plan, $off);
            $findings[] = new Finding(
                Severity::Warn,
                $share < 0.0 ? 'no_mix.short' : 'no_mix.over',
                ['coat' => $off->step->name, 'off' => abs($share)],
            );
        }
        $saturation = $plan->materials->cloth->weave->saturationGM2($plan->materials->skinResin->rheology->densityGCm3);
        $wetOut = $plan->first(Role::WetOut);
        $ply = ($wetOut->laidGM2 ?? 0.0) - ($wetOut->step->layer->drunkGM2 ?? 0.0);
        if ($wetOut?->laidGM2 !== null && ! $wetOut->skipped && $ply < $saturation) {
            $findings[] = new Finding(Severity::Warn, 'film.dry_wet_out', ['laid' => $ply, 'saturation' => $saturation]);
        }
        $missing = self::missingPapers($plan);
        if ($missing !== []) {
            $findings[] = new Finding(
                Severity::Warn,
                'papers.missing',
                ['papers' => implode(', ', array_map(fn (int $p): string => "P{$p}", $missing))],
            );
        }
        foreach ($plan->ahead() as $step) {
            if ($step->step->kind === StepKind::Flat && $step->step->grits !== null
                && Ladder::cheapest(
                    $step->ladder->method ?? $step->step->grits->driven,
                    1.0,
                    $plan->materials->papersFor($step->ladder->method ?? $step->step->grits->driven),
                    $step->step->grits->from,
                    $step->step->grits->to,
                    1.0,
                ) === null) {
                $findings[] = new Finding(
                    Severity::Warn,
                    'papers.gap',
                    ['from' => $step->step->grits->from, 'to' => $step->step->grits->to],
                );
            }
        }

        return [
            ...$findings,
            ...self::tooSmall($plan),
            ...self::tooSmallForMarks($plan),
            ...self::rims($plan),
            ...self::runs($plan),
            ...self::scratches($plan),
            ...CupNotices::of($plan),
            ...ServiceNotices::of($plan),
            ...RescueNotices::of($plan),
            ...LaminateNotices::of($plan), ...self::openings($plan), ...SentNotices::of($plan), ...ToolNotices::of($plan),
            ...self::byMachine($plan),
            ...RepairNotices::of($plan),
        ];
    }

    /** Advice never asks for more coats than may be given, nor for coats on a rim that wants rounding. */
    private static function moreHelps(FinishPlan $plan, ZoneState $worst): bool
    {
        return $plan->buildCoats < FinishPlan::MOST_BUILD_COATS && ($worst->zone->radiusMm ?? INF) >= BuildUp::ROUND_TO_MM;
    }

    /** @return list<Finding> the smallest cup ahead that the scale can't weigh well enough: said once for the part */
    private static function tooSmall(FinishPlan $plan): array
    {
        $smallest = null;
        foreach ($plan->ahead() as $step) {
            if ($step->batch !== null
                && $step->batch->drops === null
                && ! $step->batch->ratio->isInCup()
                && $step->batch->worstRatioError($plan->shop->scaleStepG) > Batch::TOLERANCE
                && $step->batch->totalG() < ($smallest?->batch?->totalG() ?? INF)) {
                $smallest = $step;
            }
        }

        return $smallest?->batch === null ? [] : [new Finding(Severity::Warn, 'mix.too_small', [
            'coat' => $smallest->step->name,
            'grams' => $smallest->batch->totalG(),
            'smallest' => Batch::smallestWithin($smallest->batch->ratio, $plan->shop->scaleStepG) ?? INF,
            'scale' => $plan->shop->scaleStepG,
        ])];
    }

    /** @return list<Finding> the smallest cup ahead that the marks of a cup don't measure well enough: said once for the part */
    private static function tooSmallForMarks(FinishPlan $plan): array
    {
        $smallest = null;
        foreach ($plan->ahead() as $step) {
            $ml = $step->batch?->ratio->isInCup() === true ? $step->batch->ratio->hardenerMl($step->batch->hardenerG) : INF;
            // A mark is read to half of its step.
            if (0.5 * MixRatio::MARK_ML > Batch::TOLERANCE * $ml && $ml < ($smallest['ml'] ?? INF)) {
                $smallest = ['coat' => $step->step->name, 'ml' => $ml, 'mark' => MixRatio::MARK_ML];
            }
        }

        return $smallest === null ? [] : [new Finding(Severity::Warn, 'mix.too_small_ml', $smallest)];
    }

    /** @return list<Finding> a sharp rim holds no film whatever is brushed on it */
    private static function rims(FinishPlan $plan): array
    {
        $sharpest = null;
        foreach ($plan->lastCoat() === null ? $plan->brief->coatedZones() : [] as $zone) {
            if ($zone->kind === ZoneKind::Edge
                && $zone->visibility === Visibility::Show
                && $zone->radiusMm < BuildUp::ROUND_TO_MM
                && $zone->radiusMm < ($sharpest->radiusMm ?? INF)) {
                $sharpest = $zone;
            }
        }

        return $sharpest === null
            ? []
            : [new Finding(
                Severity::Warn,
                'film.round_rim',
                [
                    'zone' => $sharpest->name,
                    'radius' => (float) $sharpest->radiusMm,
                    'keeps' => 100.0 * $sharpest->face->edgeShare(),
                    'to' => BuildUp::ROUND_TO_MM,
                ],
            )];
    }

    /** @return list<Finding> the flatting that a machine shortens most */
    private static function byMachine(FinishPlan $plan): array
    {
        $best = null;
        foreach ($plan->ahead() as $step) {
            $way = $step->step->kind === StepKind::Flat ? SandingWays::saved($plan, $step, self::WORTH_A_MACHINE_MIN) : null;
            $saved = $way === null ? 0.0 : ($step->ladder->minutes ?? 0.0) - $way->ladder->minutes;
            $best = $way !== null && $saved > ($best['saved'] ?? 0.0) ? ['saved' => $saved, 'step' => $step, 'way' => $way] : $best;
        }

        return $best === null ? [] : [new Finding(Severity::Note, 'sand.by_machine', [
            'coat' => $best['step']->step->name,
            'block_span' => $best['step']->ladder->minutes ?? 0.0,
            'machine_span' => $best['way']->ladder->minutes,
            'risk' => $best['way']->risk ?? 0.0,
        ])];
    }

    /** @return list<int> papers that the steps ahead want and the shelf does not have for the way that they are driven */
    private static function missingPapers(FinishPlan $plan): array
    {
        $missing = [];
        foreach ($plan->ahead() as $step) {
            $driven = $step->ladder->method ?? $step->step->grits->driven ?? null;
            $wanted = $step->ladder === null
                ? [$step->step->grits->to ?? 0]
                : array_map(fn (LadderStep $s): int => $s->grit->number, $step->ladder->steps);
            $missing = $driven === null ? $missing : [...$missing, ...array_diff($wanted, $plan->materials->papersFor($driven))];
        }
        $missing = array_values(array_unique($missing));
        sort($missing);

        return $missing;
    }

    /**
     * The coat over the cloth that is next, where a face lets it go; what the cloth drinks does not run.
     *
     * @return list<Finding>
     */
    private static function runs(FinishPlan $plan): array
    {
        $coat = array_values(array_filter(
            $plan->ahead(),
            fn (PlannedStep $s): bool => $s->step->layer?->builds === true && ! $s->step->layer->onCloth,
        ))[0] ?? null;
        if ($coat?->laidGM2 === null) {
            return [];
        }
        $worst = Runs::worst(
            $plan->brief->coatedZones(),
            $plan->materials->resinFor($coat->step)->rheology,
            new Coat($coat->laidGM2, Temperature::fromCelsius($plan->shop->workingAirC), only: $coat->step->layer?->only),
        );

        return $worst?->runs() !== true ? [] : [new Finding(Severity::Note, 'film.runs', [
            'zone' => $worst->foot,
            'coat' => $coat->step->name,
            'laid' => $coat->laidGM2,
            'edge' => $worst->gPerEdgeM,
            'bead' => $worst->beadMm,
            'holds' => $worst->holdsGM2 ?? INF,
            'turn' => $worst->turnAtMin ?? 0.0,
        ])];
    }

    /**
     * A flatting whose last scratch is too deep for what comes over it, or that left a paper out.
     *
     * @return list<Finding>
     */
    private static function scratches(FinishPlan $plan): array
    {
        $findings = [];
        foreach ($plan->steps as $i => $step) {
            $isOver = isset($plan->steps[$i + 1]) && self::isCovered(array_slice($plan->steps, $i + 1));
            if ($step->step->kind !== StepKind::Flat || $step->ladder === null || $step->skipped || $isOver) {
                continue;
            }
            foreach ($step->zones === [] ? [null] : $step->zones as $state) {
                $passes = $state->passes ?? [];
                $last = $passes === [] ? null : $passes[count($passes) - 1];
                $left = $last?->scratchUm() ?? $step->ladder->leftScratchUm();
                $check = ScratchCheck::of($left, $plan->over($step), $last->driven ?? $step->ladder->method);
                if ($check->cure !== null && ($last === null || $step->isDone())) {
                    $findings['coarse'] = new Finding(
                        Severity::Warn,
                        'scratch.too_coarse',
                        ['scratch' => $left, 'over' => $plan->over($step), 'most' => $check->mostUm, 'cure' => $check->cure->number],
                    );
                }
                foreach (array_slice($passes, 1) as $k => $pass) {
                    $before = $passes[$k];
                    if ($before->grit->meanGrainUm / $pass->grit->meanGrainUm > Ladder::MAX_RATIO + 1e-9) {
                        $findings["skipped-{$pass->grit->number}"] = new Finding(
                            Severity::Warn,
                            'scratch.skipped',
                            [
                                'from' => $before->grit->number,
                                'to' => $pass->grit->number,
                                'zone' => $state->zone->name ?? '',
                                'cure' => self::between($before->grit, $pass->grit),
                            ],
                        );
                    }
                }
            }
        }

        return array_values($findings);
    }

    /** @return list<Finding> openings that the cloth goes over: cut into at laying, free after the last resin */
    private static function openings(FinishPlan $plan): array
    {
        $cut = $plan->first(Role::OpenUp);

        return $cut === null || $cut->isDone() ? [] : [new Finding(Severity::Note, 'openings.relief', [
            'n' => (float) $plan->brief->choices->of(Openings::class), 'mm' => $plan->brief->choices->of(OpeningSize::class),
        ], Openings::name())];
    }

    /** @param list<PlannedStep> $later whether something that was done lies over it already */
    private static function isCovered(array $later): bool
    {
        return array_filter(
            $later,
            fn (PlannedStep $s): bool => $s->isDone() && ! $s->skipped && in_array(
                $s->step->kind,
                [StepKind::Coat, StepKind::Spray, StepKind::Polish],
                true,
            ),
        ) !== [];
    }

    /** The finest paper that still follows the coarser one. */
    private static function between(Grit $from, Grit $to): int
    {
        $follow = array_filter(
            Grit::MEAN_GRAIN_UM,
            fn (float $um, int $p): bool => $p > $from->number && $p < $to->number && $from->meanGrainUm / $um <= Ladder::MAX_RATIO,
            ARRAY_FILTER_USE_BOTH,
        );

        return $follow === [] ? $to->number : max(array_keys($follow));
    }
}
