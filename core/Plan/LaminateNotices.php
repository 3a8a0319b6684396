<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cloth\FlowFront;
use OakGloss\Cure\Fit;
use OakGloss\Method\Choice\LayUpWay;
use OakGloss\Method\Choice\MouldPlies;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Finding;
use OakGloss\Method\LayUp;
use OakGloss\Method\Role;
use OakGloss\Method\Severity;
use OakGloss\Method\Slot;
use OakGloss\Quantity\Temperature;

/** What a laminate that stands by itself should know: softening, heat of its own, and how long an infusion takes. */
final class LaminateNotices
{
    /** @return list<Finding> */
    public static function of(FinishPlan $plan): array
    {
        return $plan->method->startsFrom()->isBuiltOn() ? [] : [
            ...self::softens($plan),
            ...self::lifts($plan),
            ...self::partHeat($plan),
            ...self::infusion($plan),
            ...self::peelPly($plan),
        ];
    }

    /** @return list<Finding> a skin prints; a shell, a sheet or a mould that softens loses its shape */
    private static function softens(FinishPlan $plan): array
    {
        $fit = FreeLaminate::fit($plan->brief, $plan->materials, $plan->shop);
        if ($fit === null || $fit->postCure === null) {
            return [];
        }
        $cure = $fit->postCure;
        $args = [
            'tg' => $fit->tgC,
            'service' => FreeLaminate::serviceC($plan->brief) ?? 0.0,
            'hottest' => $plan->shop->hottestC,
            'hold' => $cure['possible'] ? $cure['holdC'] : 0.0,
        ];
        $field = $plan->brief->heat ? 'heat' : 'sun';

        if (! $cure['possible']) {
            return [new Finding(Severity::Refuse, "laminate.softens_{$cure['because']}", $args, Slot::Skin->field())];
        }

        return match (true) {
            $cure['holdC'] > $plan->shop->hottestC => [new Finding(Severity::Refuse, 'laminate.softens_oven', $args, $field)],
            default => [new Finding(Severity::Note, 'laminate.held', $args, $field), ...self::mouldSoftens($plan, $args['hold'])],
        };
    }

    /** @return list<Finding> a mould that softens in the hold of its part */
    private static function mouldSoftens(FinishPlan $plan, float $holdC): array
    {
        foreach ($plan->materials->resins as $slot => $resin) {
            $tg = min($resin->ultimateTgC, $holdC + Fit::ABOVE_CURE_C);
            if ($holdC > $tg - Fit::MARGIN_C) {
                return [new Finding(
                    Severity::Refuse,
                    'laminate.mould_softens',
                    ['hold' => $holdC, 'tg' => $tg, 'resin' => $resin->name],
                    Slot::from($slot)->field(),
                )];
            }
        }

        return [];
    }

    /** @return list<Finding> why a mould goes in so many lifts */
    private static function lifts(FinishPlan $plan): array
    {
        $lifts = $plan->all(Role::Lift);
        $resin = $plan->materials->resins[Slot::MouldResin->value] ?? null;
        if ($lifts === [] || $resin === null || $plan->ahead() === []) {
            return [];
        }
        $plies = (int) ($lifts[0]->step->args['plies'] ?? 1);
        $air = Temperature::fromCelsius($plan->shop->workingAirC);
        $slab = FreeLaminate::slab($resin, $plan->materials->mould()->weave->arealGM2, $plan->shop);

        $by = match (true) {
            count($lifts) === 1 => 'one_lift',
            $plies < $slab->liftPlies($air, FreeLaminate::formC($plan->brief)) => 'lifts_hands',
            default => 'lifts',
        };

        return [new Finding(Severity::Note, "laminate.{$by}", [
            'lifts' => count($lifts),
            'plies' => $plies,
            'peak' => $slab->of($plies, $air)['peakC'],
            'all' => $plan->brief->choices->of(MouldPlies::class),
            'at_once' => $slab->of($plan->brief->choices->of(MouldPlies::class), $air)['peakC'],
            'limit' => FreeLaminate::formC($plan->brief),
        ], MouldPlies::name())];
    }

    /** @return list<Finding> a part that would cook the mould, or the panel that it lies on */
    private static function partHeat(FinishPlan $plan): array
    {
        $plies = $plan->brief->choices->of(PlyCount::class);
        $bears = $plan->first(Role::Lift) === null ? FreeLaminate::formC($plan->brief) : FreeLaminate::mouldC($plan);
        $air = Temperature::fromCelsius($plan->shop->workingAirC);
        $slab = FreeLaminate::slab($plan->materials->skinResin, $plan->materials->cloth->weave->arealGM2, $plan->shop);
        $peak = $slab->of($plies, $air)['peakC'];

        return $peak <= $bears ? [] : [new Finding(Severity::Refuse, 'laminate.too_thick', [
            'plies' => $plies,
            'peak' => $peak,
            'limit' => $bears,
            'most' => $slab->liftPlies($air, $bears),
        ], PlyCount::name())];
    }

    /** @return list<Finding> why a lay-up is broken off, and what would keep it in one */
    private static function peelPly(FinishPlan $plan): array
    {
        if ($plan->first(Role::PeelPly) === null) {
            return [];
        }
        $plies = array_values(array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->role->isPly()));
        $hands = array_sum(array_map(fn (PlannedStep $s): float => $s->handsMin, $plies));

        return [new Finding(Severity::Note, 'laminate.peel_ply', [
            'plies' => count($plies),
            'hands_span' => $hands,
            'session_span' => $plan->shop->sessionMin,
            'waits' => count($plan->all(Role::PeelPly)),
            'two_span' => 0.5 * $hands,
            'area' => $plan->brief->coatedAreaM2() * $plan->shop->sessionMin / max(1.0, $hands),
        ], PlyCount::name())];
    }

    /** @return list<Finding> with flow mesh and without: they differ by a hundred */
    private static function infusion(FinishPlan $plan): array
    {
        $infuse = $plan->first(Role::Infuse);
        if ($infuse === null || $infuse->isDone() || $plan->brief->choices->of(LayUpWay::class) !== LayUp::Infused) {
            return [];
        }
        $flat = $plan->brief->developedMm;
        $way = ($flat === null ? sqrt($plan->brief->coatedAreaM2()) : min($flat['length'], $flat['width']) / 1000.0);
        $air = Temperature::fromCelsius($plan->shop->workingAirC);
        $resin = $plan->materials->resinFor($infuse->step);
        $viscosity = $resin->rheology->viscosityAt($air);
        $mesh = FlowFront::minutes($way, $viscosity, FlowFront::WITH_MESH_M2);
        $pot = $resin->cupHeat()->batch($infuse->batch?->totalG() ?? 100.0, $air)->potLifeMin ?? INF;

        return [new Finding($mesh > $pot ? Severity::Warn : Severity::Note, $mesh > $pot ? 'laminate.infusion_gels' : 'laminate.infusion', [
            'way' => 1000.0 * $way,
            'mesh' => $mesh,
            'bare' => FlowFront::minutes($way, $viscosity, FlowFront::WITHOUT_MESH_M2),
            'pot' => $pot,
        ], LayUpWay::name()), ...self::besides($plan, $infuse)];
    }

    /** @return list<Finding> what is mixed and does not come to lie in the part */
    private static function besides(FinishPlan $plan, PlannedStep $infuse): array
    {
        $beside = $infuse->step->layer?->beside;
        if ($beside === null || $infuse->batch === null) {
            return [];
        }
        $partG = ($infuse->laidGM2 ?? 0.0) * $plan->brief->clothAreaM2();

        return [new Finding(Severity::Note, 'laminate.infusion_fills', [
            'all' => $infuse->batch->totalG(), 'part' => $partG,
            'mesh' => $beside->meshG, 'lines' => $beside->linesG, 'pot' => $beside->potG($partG),
        ], LayUpWay::name())];
    }
}
