<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Climate\ClimateChange;
use OakGloss\Climate\ClimateKind;

/** What stands of everything that was recorded: struck-out facts and the strikes are gone. In the order of time. */
final readonly class FactLog
{
    /** @var array<string, list<Fact>> by step */
    private array $ofStep;

    /** @param list<Fact> $facts */
    private function __construct(public array $facts)
    {
        $ofStep = [];
        foreach ($facts as $fact) {
            $ofStep[$fact->step][] = $fact;
        }
        $this->ofStep = $ofStep;
    }

    /** @param list<Fact> $recorded in any order */
    public static function standing(array $recorded): self
    {
        $struck = [];
        foreach ($recorded as $fact) {
            if ($fact->kind === FactKind::Struck) {
                $struck[(int) $fact->number('target')] = true;
            }
        }
        $standing = array_values(array_filter(
            $recorded,
            fn (Fact $f): bool => $f->kind !== FactKind::Struck && $f->kind !== FactKind::Chosen && ! isset($struck[$f->id]),
        ));
        usort($standing, fn (Fact $a, Fact $b): int => [$a->atMin, $a->id] <=> [$b->atMin, $b->id]);

        return new self($standing);
    }

    /** With one more fact, the newest; for reckoning what it would bring. */
    public function with(Fact $fact): self
    {
        return new self([...$this->facts, $fact]);
    }

    /** @return list<Fact> */
    public function of(string $step, FactKind ...$kinds): array
    {
        return array_values(array_filter($this->ofStep[$step] ?? [], fn (Fact $f): bool => in_array($f->kind, $kinds, true)));
    }

    public function last(string $step, FactKind ...$kinds): ?Fact
    {
        $found = $this->of($step, ...$kinds);

        return $found === [] ? null : $found[count($found) - 1];
    }

    /**
     * Other airs that the part was or will be put into.
     *
     * @return list<ClimateChange>
     */
    public function climateChanges(): array
    {
        $changes = [];
        foreach ($this->facts as $fact) {
            $kind = $fact->kind === FactKind::Warmed ? ClimateKind::tryFrom($fact->word('kind')) : null;
            if ($kind !== null) {
                $changes[] = new ClimateChange($kind, (float) $fact->number('from'), (float) $fact->number('until'), (float) $fact->number('c'));
            }
        }

        return $changes;
    }

    /** Grams of one component that went into a step's cup. */
    public function weighedG(string $step, string $component): float
    {
        $sum = 0.0;
        foreach ($this->of($step, FactKind::Weighed) as $fact) {
            $sum += $fact->word('component') === $component ? (float) $fact->number('grams') : 0.0;
        }

        return $sum;
    }

    /**
     * Papers sanded on a step, in their order.
     *
     * @return list<int>
     */
    public function grits(string $step): array
    {
        return array_map(fn (Fact $f): int => (int) $f->number('grit'), $this->of($step, FactKind::Sanded));
    }
}
