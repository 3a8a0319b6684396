<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Film\Laminate;
use OakGloss\Film\Weave;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Role;
use OakGloss\Method\Start;

/** A laminate that a plan lays up, from what it lies on upward: the wall of a mould, a shell, a sheet, a moulded part. */
final readonly class LaminatePlan
{
    /**
     * @param 'mould'|'part'                           $of
     * @param 'pattern'|'mould'|'panel'|'plate'|'part' $on       what it lies on
     * @param Laminate                                 $laminate with what was weighed where it was, and planned weights elsewhere
     * @param list<string>                             $roles    of the step that lays each stratum
     * @param int                                      $done     strata that lie
     */
    private function __construct(public string $of, public string $on, public Laminate $laminate, public array $roles, public int $done)
    {
    }

    /** @return list<self> in the order of the work; none for a skin that is built up on a part */
    public static function all(FinishPlan $plan): array
    {
        $strata = ['mould' => [], 'part' => []];
        foreach ($plan->steps as $step) {
            $of = in_array($step->step->role, [Role::GelCoat, Role::Coupling, Role::Lift], true) ? 'mould' : 'part';
            foreach ($step->skipped ? [] : self::strata($plan, $step) as $stratum) {
                $strata[$of][] = [...$stratum, $step];
            }
        }
        $all = [];
        foreach (array_filter($strata) as $of => $these) {
            $all[] = new self(
                $of,
                match (true) {
                    $of === 'mould' => 'pattern',
                    $plan->first(Role::Lift) !== null => 'mould',
                    $plan->method->startsFrom() === Start::Plate => 'plate',
                    $plan->method->startsFrom() === Start::Form => 'panel',
                    default => 'part',
                },
                Laminate::of(array_map(fn (array $s): array => [$s[0], $s[1]], $these), $plan->materials->skinResin->rheology),
                array_map(fn (array $s): string => $s[2]->step->role->value, $these),
                count(array_filter($these, fn (array $s): bool => $s[2]->isDone())),
            );
        }

        return $all;
    }

    /** @return list<array{Weave|null, float}> cloth and its resin, g/m²; resin alone for null */
    private static function strata(FinishPlan $plan, PlannedStep $step): array
    {
        [$laid, $seen, $inner] = [$step->laidGM2 ?? 0.0, $plan->materials->cloth->weave, $plan->materials->inner()->weave];
        $isFree = ! $plan->method->startsFrom()->isBuiltOn();

        return match (true) {
            $step->step->role === Role::GelCoat => [[null, $laid]],
            $step->step->role === Role::Coupling => [[new Weave(0.5 * $step->step->layer?->gM2), $laid]],
            $step->step->role === Role::Lift => array_fill(
                0,
                $step->step->args['plies'],
                [$plan->materials->mould()->weave, $laid / $step->step->args['plies']],
            ),
            $step->step->role === Role::Infuse => self::infused($plan, $laid),
            $step->step->role === Role::InnerPly => [[$inner, $laid]],
            $step->step->role->isPly() => [[$seen, $laid]],
            $isFree && $step->step->role === Role::InnerWetOut => [[$inner, $laid]],
            $isFree && $step->step->role === Role::WetOut => [[$seen, $laid]],
            default => [],
        };
    }

    /** @return list<array{Weave, float}> the resin of an infusion, shared by what each ply weighs */
    private static function infused(FinishPlan $plan, float $laidGM2): array
    {
        $plies = array_fill(0, $plan->brief->choices->of(PlyCount::class), $plan->materials->inner()->weave);
        $plies[0] = $plan->materials->cloth->weave;
        $fibre = array_sum(array_map(fn (Weave $w): float => $w->arealGM2, $plies));

        return array_map(fn (Weave $w): array => [$w, $laidGM2 * $w->arealGM2 / $fibre], $plies);
    }
}
