<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cloth\Flaw;
use OakGloss\Cloth\SheetYield;
use OakGloss\Fact\Kind\Flawed;
use OakGloss\Film\Laminate;
use OakGloss\Method\Role;

/** What a flat sheet comes to: its plies, and the parts that are cut from it with its flaws outside. */
final readonly class SheetPlan
{
    /**
     * @param Laminate   $laminate with what was weighed where it was, and planned weights elsewhere
     * @param SheetYield $planned  of a sheet without a flaw
     * @param SheetYield $yield    with the flaws that were found
     * @param list<Flaw> $flaws
     */
    private function __construct(
        public Laminate $laminate,
        public int $pliesDone,
        public SheetYield $planned,
        public SheetYield $yield,
        public array $flaws,
    ) {
    }

    /** Null for a part that is no sheet, or of which no parts are to be cut. */
    public static function of(FinishPlan $plan): ?self
    {
        [$sheet, $blank] = [$plan->brief->developedMm, $plan->brief->blankMm];
        $plies = array_values(array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->role->isPly() && ! $s->skipped));
        if ($sheet === null || $blank === null || $plies === []) {
            return null;
        }
        $flaws = array_map(fn ($f): Flaw => $f->content->flaw(), $plan->log->all(Flawed::class));

        return new self(
            Laminate::of(
                array_map(fn (PlannedStep $s): array => [
                    ($s->step->role === Role::InnerPly ? $plan->materials->inner() : $plan->materials->cloth)->weave,
                    $s->laidGM2 ?? 0.0,
                ], $plies),
                $plan->materials->skinResin->rheology,
            ),
            count(array_filter($plies, fn (PlannedStep $s): bool => $s->isDone())),
            SheetYield::of($sheet['length'], $sheet['width'], $blank['length'], $blank['width']),
            SheetYield::of($sheet['length'], $sheet['width'], $blank['length'], $blank['width'], $flaws),
            $flaws,
        );
    }
}
