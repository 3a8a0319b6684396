<?php

declare(strict_types=1);

namespace App\Planning;

/** One open choice: what stands, and its other values by what they are worth. */
final readonly class ChoiceGroup
{
    /** Below this a change is no help, minutes of hands (ours). */
    private const HELPS_FROM_MIN = 10.0;

    private const HELPS = 3;

    /**
     * @param PricedChoice|null  $stands  null of two choices at once
     * @param list<ChoiceGain>   $others  the best first
     * @param list<ChoiceGain>   $nothing values that change nothing
     * @param list<PricedChoice> $refused values that can't be taken
     */
    private function __construct(
        public string $field,
        public ?PricedChoice $stands,
        public array $others,
        public array $nothing,
        public array $refused,
    ) {
    }

    /**
     * @param list<PricedChoice> $priced
     *
     * @return list<self> in the order of the choices; those that are priced against nothing that stands are left out
     */
    public static function all(array $priced): array
    {
        $current = array_values(array_filter($priced, fn (PricedChoice $p): bool => $p->isCurrent));
        $groups = [];
        foreach ($current === [] ? [] : array_unique(array_map(fn (PricedChoice $p): string => $p->field, $priced)) as $field) {
            $of = array_values(array_filter($priced, fn (PricedChoice $p): bool => $p->field === $field));
            $stands = array_values(array_filter($of, fn (PricedChoice $p): bool => $p->isCurrent))[0] ?? null;
            $gains = array_map(
                fn (PricedChoice $p): ChoiceGain => ChoiceGain::of($p, $stands ?? $current[0]),
                array_values(array_filter($of, fn (PricedChoice $p): bool => ! $p->isCurrent && $p->refusal === null)),
            );
            usort($gains, fn (ChoiceGain $a, ChoiceGain $b): int => $b->worthMin <=> $a->worthMin);
            $groups[] = new self(
                $field,
                $stands,
                array_values(array_filter($gains, fn (ChoiceGain $g): bool => ! $g->isNothing())),
                array_values(array_filter($gains, fn (ChoiceGain $g): bool => $g->isNothing())),
                array_values(array_filter($of, fn (PricedChoice $p): bool => ! $p->isCurrent && $p->refusal !== null)),
            );
        }

        return $groups;
    }

    /**
     * The three changes that would help most, one of a choice at the most: the best first.
     *
     * @param list<self> $groups
     *
     * @return list<ChoiceGain>
     */
    public static function helps(array $groups): array
    {
        $best = array_values(array_filter(
            array_map(fn (self $group): ?ChoiceGain => $group->others[0] ?? null, $groups),
            fn (?ChoiceGain $gain): bool => $gain !== null && $gain->worthMin >= self::HELPS_FROM_MIN,
        ));
        usort($best, fn (ChoiceGain $a, ChoiceGain $b): int => $b->worthMin <=> $a->worthMin);

        return array_slice($best, 0, self::HELPS);
    }
}
