<?php

declare(strict_types=1);

namespace OakGloss\Fact;

use OakGloss\Climate\ClimateChange;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kind\WayOut;
use OakGloss\Fact\Kind\Weighed;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Remedy;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;

/** What stands of everything that was recorded: struck-out facts and the strikes are gone. In the order of time. */
final readonly class FactLog
{
    /** @var array<string, list<Fact<Content>>> by step */
    private array $ofStep;

    /**
     * @param list<Fact<Content>> $facts
     * @param list<Fact<Content>> $before of what was stripped off again
     */
    private function __construct(public array $facts, public array $before = [])
    {
        $ofStep = [];
        foreach ($facts as $fact) {
            $ofStep[$fact->step][] = $fact;
        }
        $this->ofStep = $ofStep;
    }

    /** @param list<Fact<Content>> $recorded in any order */
    public static function standing(array $recorded): self
    {
        $struck = [];
        foreach ($recorded as $fact) {
            if ($fact->content instanceof Struck) {
                $struck[$fact->content->target] = true;
            }
        }
        $standing = array_values(array_filter(
            $recorded,
            fn (Fact $f): bool => ! $f->content instanceof Struck && ! $f->content instanceof Kind\Chosen && ! isset($struck[$f->id]),
        ));
        usort($standing, fn (Fact $a, Fact $b): int => [$a->atMin, $a->id] <=> [$b->atMin, $b->id]);

        return self::since($standing);
    }

    /**
     * A job that was begun again knows of what came before only the air that the part is in.
     *
     * @param list<Fact<Content>> $facts  in the order of time
     * @param list<Fact<Content>> $before
     */
    private static function since(array $facts, array $before = []): self
    {
        $from = 0;
        foreach ($facts as $i => $fact) {
            $from = $fact->content instanceof WayOut && $fact->content->remedy === Remedy::StartOver ? $i : $from;
        }
        $gone = array_slice($facts, 0, $from);
        $air = array_values(array_filter($gone, fn (Fact $f): bool => $f->content instanceof ChangesAir));

        return new self([...$air, ...array_slice($facts, $from)], [...$before, ...$gone]);
    }

    /**
     * The rounds of the job that were stripped off again, each for itself.
     *
     * @return list<self>
     */
    public function roundsBefore(): array
    {
        $rounds = [[]];
        foreach ($this->before as $fact) {
            if ($fact->content instanceof WayOut && $fact->content->remedy === Remedy::StartOver) {
                $rounds[] = [];
            }
            $rounds[count($rounds) - 1][] = $fact;
        }

        return $this->before === [] ? [] : array_map(fn (array $facts): self => new self($facts), $rounds);
    }

    /**
     * With one more fact, the newest; for reckoning what it would bring.
     *
     * @param Fact<Content> $fact
     */
    public function with(Fact $fact): self
    {
        return self::since([...$this->facts, $fact], $this->before);
    }

    /** @param list<Draft> $drafts recorded one after the other at a minute */
    public function drafted(array $drafts, float $atMin): self
    {
        return self::since([...$this->facts, ...array_map(fn (Draft $d): Fact => $d->at($atMin), $drafts)], $this->before);
    }

    /**
     * Facts of a step, of some kinds.
     *
     * @template K of Content
     *
     * @param class-string<K> ...$kinds
     *
     * @return list<Fact<K>>
     */
    public function of(string $step, string ...$kinds): array
    {
        return self::only($this->ofStep[$step] ?? [], ...$kinds);
    }

    /**
     * Facts of every step of a role in the job as it was ordered, of some kinds: those of ways out have steps of their own.
     *
     * @template K of Content
     *
     * @param class-string<K> ...$kinds
     *
     * @return list<Fact<K>>
     */
    public function ofRole(Role $role, string ...$kinds): array
    {
        return array_values(array_filter($this->all(...$kinds), fn (Fact $f): bool => $f->ref?->role === $role
            && ! str_starts_with($f->step, 'mend-')));
    }

    /** The highest coat of a role that lies on the part; 0 if none does. */
    public function laid(Role $role): int
    {
        return max([0, ...array_map(fn (Fact $f): int => $f->ref->nth ?? 0, $this->ofRole($role, CoatOn::class))]);
    }

    /**
     * The last fact of a role between a coat and the next one.
     *
     * @template K of Content
     *
     * @param Fact<Content>   $coat
     * @param class-string<K> ...$kinds
     *
     * @return Fact<K>|null
     */
    public function lastOver(Fact $coat, Role $role, string ...$kinds): ?Fact
    {
        $later = array_filter($this->all(CoatOn::class), fn (Fact $f): bool => $coat->isBefore($f));
        $next = $later === [] ? null : reset($later);
        $found = array_values(array_filter(
            $this->ofRole($role, ...$kinds),
            fn (Fact $f): bool => $coat->isBefore($f) && ($next === null || $f->isBefore($next)),
        ));

        return $found === [] ? null : $found[count($found) - 1];
    }

    /** @return list<Fact<Content>> all that was recorded of a step */
    public function ofStep(string $step): array
    {
        return $this->ofStep[$step] ?? [];
    }

    /**
     * Facts of every step, of some kinds.
     *
     * @template K of Content
     *
     * @param class-string<K> ...$kinds
     *
     * @return list<Fact<K>>
     */
    public function all(string ...$kinds): array
    {
        return self::only($this->facts, ...$kinds);
    }

    /**
     * The same with those of rounds that were stripped off again.
     *
     * @template K of Content
     *
     * @param class-string<K> ...$kinds
     *
     * @return list<Fact<K>>
     */
    public function everAll(string ...$kinds): array
    {
        return self::only([...$this->before, ...$this->facts], ...$kinds);
    }

    /**
     * @template K of Content
     *
     * @param class-string<K> ...$kinds
     *
     * @return Fact<K>|null
     */
    public function last(string $step, string ...$kinds): ?Fact
    {
        $found = $this->of($step, ...$kinds);

        return $found === [] ? null : $found[count($found) - 1];
    }

    /**
     * The last fact with which a step of a kind is done.
     *
     * @return Fact<Content>|null
     */
    public function completing(string $step, StepKind $kind): ?Fact
    {
        foreach (array_reverse($this->ofStep[$step] ?? []) as $fact) {
            if ($fact->content->ends($kind) && ! $fact->content instanceof Skipped) {
                return $fact;
            }
        }

        return null;
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
            if ($fact->content instanceof ChangesAir) {
                $changes[] = $fact->content->change();
            }
        }

        return $changes;
    }

    /** Grams of one component that went into a step's cup; what was lost of it before is in none. */
    public function weighedG(string $step, string $component): float
    {
        return array_sum(array_map(
            fn (Fact $f): float => $f->content->component === $component ? $f->content->grams : 0.0,
            $this->inCup($step),
        ));
    }

    /**
     * What was weighed into a step's cup since one was lost last.
     *
     * @return list<Fact<Weighed>>
     */
    public function inCup(string $step): array
    {
        $lost = $this->lastLoss($step);

        return array_values(array_filter($this->of($step, Weighed::class), fn (Fact $f): bool => $lost === null || $lost->isBefore($f)));
    }

    /**
     * When a step's cup was lost last.
     *
     * @return Fact<WentWrong>|null
     */
    public function lastLoss(string $step): ?Fact
    {
        $lost = array_values(array_filter($this->of($step, WentWrong::class), fn (Fact $f): bool => $f->content->emptiesCup()));

        return $lost === [] ? null : $lost[count($lost) - 1];
    }

    /** Cups of a step that were lost with something in them: each took a cup more than its coat does. */
    public function cupsLost(string $step): int
    {
        [$lost, $isPoured] = [0, false];
        foreach ($this->of($step, Weighed::class, WentWrong::class) as $fact) {
            if ($fact->content instanceof Weighed) {
                $isPoured = true;
            } elseif ($isPoured && $fact->content->emptiesCup()) {
                [$lost, $isPoured] = [$lost + 1, false];
            }
        }

        return $lost;
    }

    /**
     * Papers sanded on a step, in their order.
     *
     * @return list<int>
     */
    public function grits(string $step): array
    {
        return array_map(fn (Fact $f): int => $f->content->grit, $this->of($step, Sanded::class));
    }

    /**
     * @template K of Content
     *
     * @param list<Fact<Content>> $facts
     * @param class-string<K>     ...$kinds
     *
     * @return list<Fact<K>>
     */
    private static function only(array $facts, string ...$kinds): array
    {
        $found = [];
        foreach ($facts as $fact) {
            if (in_array($fact->content::class, $kinds, true)) {
                $found[] = $fact;
            }
        }

        /** @var list<Fact<K>> $found */
        return $found;
    }
}
