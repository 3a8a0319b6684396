<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Abrasion\PaperUse;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Cloth\Piece;
use OakGloss\Method\Role;
use OakGloss\Method\Slot;
use OakGloss\Method\StepKind;

/** What a step takes from the shelf, all of it: what is in the cup already is not taken off. */
final class Consumption
{
    /** @return list<Taken> */
    public static function of(FinishPlan $plan, PlannedStep $step): array
    {
        return [
            ...self::resin($step), ...self::cloth($plan, $step), ...self::clear($plan, $step), ...self::papers($plan, $step),
            ...SupplyUse::of($plan, $step),
        ];
    }

    /** @return list<Taken> all that the step takes, and took: papers that are through too */
    public static function whole(FinishPlan $plan, PlannedStep $step): array
    {
        return [
            ...self::resin($step), ...self::cloth($plan, $step), ...self::clear($plan, $step), ...self::papers($plan, $step, true),
            ...SupplyUse::of($plan, $step),
        ];
    }

    /** @return list<Taken> what is weighed */
    public static function resin(PlannedStep $step): array
    {
        $slot = $step->step->layer?->slot;
        if ($slot === null || $step->batch === null) {
            return [];
        }
        $jars = ['resin' => $step->batch->resinG, 'hardener' => $step->batch->hardenerG, 'pigment' => $step->batch->pigmentG];

        return array_map(
            fn (string $jar, float $g): Taken => Taken::from($slot, $jar, $g),
            array_keys(array_filter($jars)),
            array_filter($jars),
        );
    }

    /** @return list<Taken> pieces that come off the roll */
    public static function cloth(FinishPlan $plan, PlannedStep $step): array
    {
        [$slot, $plies] = match ($step->step->role) {
            Role::Lay, Role::Laminate, Role::BaggedPly => [Slot::Cloth, 1],
            // The same piece is laid again where only a lift or a mist went before.
            Role::MendLay => [Slot::Cloth, $step->step->name === 'mend_new_piece' ? 1 : 0],
            Role::InnerPly => [$plan->materials->innerCloth === null ? Slot::Cloth : Slot::InnerCloth, 1],
            Role::Stack => [Slot::Cloth, (int) ($step->step->args['plies'] ?? 1)],
            Role::Lift => [Slot::MouldCloth, (int) ($step->step->args['plies'] ?? 1)],
            default => [null, 0],
        };
        if ($slot === null) {
            return [];
        }
        [$along, $across] = self::asItLies($plan->brief->piece(), self::rollMm($plan, $slot));

        return array_fill(0, $plies, Taken::cloth($slot, $along / 1000.0, $across));
    }

    /** @return list<Taken> what is sprayed or brushed, as the jars are measured */
    public static function clear(FinishPlan $plan, PlannedStep $step): array
    {
        $clear = $plan->clearOf($step);
        $slot = $step->step->role->slot();
        if ($clear === null || $slot === null || $step->step->kind !== StepKind::Spray) {
            return [];
        }
        // A brushed clear is a step a coat, a sprayed one a step for all of them.
        $share = $step->step->role === Role::Varnish ? 1.0 / max(1, count($plan->all(Role::Varnish))) : 1.0;
        $ml = array_filter($clear->mixMl());

        return array_map(fn (string $jar, float $all): Taken => Taken::from($slot, $jar, $all * $share), array_keys($ml), $ml);
    }

    /** @return list<Taken> papers that a flatting will wear out; those that are through are not asked for */
    public static function papers(FinishPlan $plan, PlannedStep $step, bool $alsoThrough = false): array
    {
        $ladder = $step->ladder;
        if ($ladder === null) {
            return [];
        }
        $isAsked = fn (LadderStep $r): bool => $alsoThrough || ! in_array($r->grit->number, $step->passes, true);

        return self::ofLadder($plan, $ladder, array_values(array_filter($ladder->steps, $isAsked)));
    }

    /**
     * Papers of a ladder; where a machine goes, discs, and sheets for what it does not reach.
     *
     * @param list<LadderStep>|null $rungs of it; null for all
     *
     * @return list<Taken>
     */
    public static function ofLadder(FinishPlan $plan, Ladder $ladder, ?array $rungs = null): array
    {
        $area = $plan->brief->coatedAreaM2();
        $its = $ladder->method === SandingMethod::Orbital ? Machine::areaM2($plan->brief->coatedZones()) : $area;
        $papers = [];
        foreach ($rungs ?? $ladder->steps as $rung) {
            $papers[] = Taken::paper($ladder->method, $rung->grit, PaperUse::pieces($ladder->method, $rung->grit, $its, $rung->cutUm));
            if ($area - $its > 1e-6) {
                $by = Machine::byHand($rung->grit);
                $papers[] = Taken::paper($by, $rung->grit, PaperUse::pieces($by, $rung->grit, $area - $its, $rung->cutUm));
            }
        }

        return $papers;
    }

    private static function rollMm(FinishPlan $plan, Slot $slot): float
    {
        return match ($slot) {
            Slot::MouldCloth => $plan->materials->mould()->widthMm,
            Slot::InnerCloth => $plan->materials->inner()->widthMm,
            default => $plan->materials->cloth->widthMm,
        };
    }

    /**
     * Along the roll as the part is drawn; turned where it is too wide for that. What fits neither way is laid in strips.
     *
     * @return array{float, float} mm along and across the roll
     */
    private static function asItLies(Piece $piece, float $rollMm): array
    {
        return match (true) {
            $piece->widthMm <= $rollMm => [$piece->lengthMm, $piece->widthMm],
            $piece->lengthMm <= $rollMm => [$piece->widthMm, $piece->lengthMm],
            default => [$piece->lengthMm * ceil($piece->widthMm / $rollMm), $rollMm],
        };
    }
}
