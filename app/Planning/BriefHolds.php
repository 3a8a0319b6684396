<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use OakGloss\Method\Role;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;
use OakGloss\Method\StepKind;
use OakGloss\Plan\ChoicesLeft;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;

/** Which acts hold which columns of a brief. What nothing that was done rests on may change at any time. */
final class BriefHolds
{
    /** What the part is and how it is made: work of any kind was done to that. */
    private const WHAT_IT_IS = ['method', 'substrate', 'primed', 'shape', 'film_um', 'film_relief_um', 'film_known_by'];

    /** Grams and film of coats that lie there were reckoned by these. */
    private const HOW_LARGE = ['sizes', 'zones', 'zones_typed', 'wrap_mm', 'unit'];

    private const COLOUR = ['tone', 'backing'];

    /** @return array<string, PlannedStep> the first act that holds it, by column */
    public static function of(FinishPlan $plan): array
    {
        $done = array_values(array_filter($plan->steps, fn (PlannedStep $s): bool => $s->isDone() && ! $s->skipped));
        $first = function (callable $is) use ($done): ?PlannedStep {
            foreach ($done as $step) {
                if ($is($step)) {
                    return $step;
                }
            }

            return null;
        };
        $isCoat = fn (PlannedStep $s): bool => $s->step->kind === StepKind::Coat;
        $holds = array_fill_keys(self::WHAT_IT_IS, $done[0] ?? null)
            + array_fill_keys(self::HOW_LARGE, $first($isCoat))
            + array_fill_keys(self::COLOUR, $first($isCoat))
            + ['holes' => $first(fn (PlannedStep $s): bool => $s->step->role === Role::Drill)]
            + ['finish' => $first(fn (PlannedStep $s): bool => in_array($s->step->kind, [StepKind::Spray, StepKind::Polish], true))];
        foreach (Slot::cases() as $slot) {
            $holds[$slot->field()] = $first(fn (PlannedStep $s): bool => match ($slot->shelf()) {
                Shelf::Resin => $s->step->layer?->slot === $slot,
                Shelf::Cloth => $s->step->kind === StepKind::Lay,
                default => $s->step->role->slot() === $slot,
            });
        }
        $left = ChoicesLeft::of($plan);
        foreach ($plan->method->choices() as $choice => $settledBy) {
            if (! in_array($choice, $left, true)) {
                $by = $first(fn (PlannedStep $s): bool => in_array($s->step->role, $settledBy, true));
                $holds[$choice::name()] = $by ?? end($done) ?: null;
            }
        }

        return array_filter($holds);
    }

    /**
     * Columns that would be other than they are.
     *
     * @param array<string, mixed> $columns
     *
     * @return list<string>
     */
    public static function changed(Part $part, array $columns): array
    {
        $plain = fn (mixed $v): mixed => match (true) {
            $v instanceof \BackedEnum => $v->value,
            $v instanceof \DateTimeInterface => $v->getTimestamp(),
            default => $v,
        };

        return array_values(array_filter(
            array_keys($columns),
            fn (string $column): bool => $plain($part->getAttribute($column)) != $plain($columns[$column]),
        ));
    }
}
