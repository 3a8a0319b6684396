<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use Closure;

/** The plan as it is now: the kept one where it stands, mended where it broke; a first one where nothing was kept. */
final readonly class CurrentPlan
{
    /**
     * @param array<int|string, KeptPart>              $kept   by part, mended; without one that has no way at all
     * @param array<int|string, list<PlacedStep>|null> $placed by part, slid to what is known now
     * @param array<int|string, list<PlacedStep>|null> $told   the same, but for what is late
     * @param array<int|string, Breach>                $broke  what was mended
     * @param list<int|string>                         $anew   parts whose kept places are others than before
     */
    private function __construct(public array $kept, public array $placed, public array $told, public array $broke, public array $anew)
    {
    }

    /**
     * @param array<int|string, StepsAhead> $chains   by part
     * @param array<int|string, KeptPart>   $kept     by part
     * @param array<int|string, float>      $weights  by part, 1 where not named
     * @param list<int|string>              $touched  parts about which something was decided
     * @param array<int|string, KeptPart>   $undone   by part: its places before something that has not happened after all
     * @param (Closure(float): void)|null   $progress of a first plan: told the share that is done
     */
    public static function of(
        array $chains,
        array $kept,
        Crew $crew,
        float $nowMin,
        array $weights = [],
        Unrest $unrest = new Unrest(),
        array $touched = [],
        array $undone = [],
        ?Closure $progress = null,
    ): self {
        if (array_intersect_key($kept, $chains) === []) {
            $first = array_map(
                fn (array $p): ?KeptPart => $p['placed'] === null ? null : KeptPart::from($p['placed'], $p['leniency']),
                RunSheet::of($chains, $crew, $nowMin, $weights, $progress),
            );

            return self::slid($chains, array_filter($first), $crew, $nowMin, [], array_keys($chains));
        }
        $standing = StandingPlan::of($chains, $kept, $crew, $nowMin);
        $back = self::back($chains, $kept, $standing, $crew, $nowMin, array_intersect_key($undone, $chains));
        if ($back !== []) {
            $kept = $back + $kept;
            $standing = StandingPlan::of($chains, $kept, $crew, $nowMin);
        }
        $broke = $standing->broken();
        if ($broke === [] && $touched === []) {
            return new self(
                $kept,
                array_map(fn (StandingPart $p): ?array => $p->placed, $standing->parts),
                array_map(fn (StandingPart $p): ?array => $p->told, $standing->parts),
                [],
                array_keys($back),
            );
        }
        $mended = Repair::of($chains, $kept, $standing, $crew, $nowMin, $weights, $unrest, $touched);
        $anew = array_filter(
            array_keys($chains),
            fn (int|string $id): bool => isset($back[$id]) || self::isOther(
                $chains[$id],
                $kept[$id] ?? null,
                $mended[$id] ?? null,
                $standing->parts[$id],
            ),
        );

        // What has only slid is kept where it was, so that slides do not add up.
        return self::slid(
            $chains,
            array_diff_key(array_intersect_key($kept, $mended), array_flip($anew)) + $mended,
            $crew,
            $nowMin,
            $broke,
            array_values($anew),
        );
    }

    /**
     * @param array<int|string, StepsAhead> $chains
     * @param array<int|string, KeptPart>   $kept
     * @param array<int|string, Breach>     $broke
     * @param list<int|string>              $anew
     */
    private static function slid(array $chains, array $kept, Crew $crew, float $nowMin, array $broke, array $anew): self
    {
        $standing = StandingPlan::of(array_intersect_key($chains, $kept), $kept, $crew, $nowMin);
        $placed = $told = [];
        foreach ($chains as $id => $chain) {
            $part = $standing->parts[$id] ?? null;
            $placed[$id] = match (true) {
                $part !== null => $part->placed ?? self::asKept($part->steps, $kept[$id]),
                default => $chain->plan->ahead() === [] ? [] : null,
            };
            $told[$id] = $part->told ?? $placed[$id];
        }

        return new self($kept, $placed, $told, $broke, $anew);
    }

    /**
     * Earlier places, where they hold again: all of them together, else part by part.
     *
     * @param array<int|string, StepsAhead> $chains
     * @param array<int|string, KeptPart>   $kept
     * @param array<int|string, KeptPart>   $undone
     *
     * @return array<int|string, KeptPart>
     */
    private static function back(array $chains, array $kept, StandingPlan $standing, Crew $crew, float $nowMin, array $undone): array
    {
        $undone = array_filter(
            $undone,
            fn (KeptPart $p, int|string $id): bool => ! isset($kept[$id]) || $p->starts() !== $kept[$id]->starts(),
            ARRAY_FILTER_USE_BOTH,
        );
        if ($undone === [] || self::holds($chains, $undone, $kept, $standing, $crew, $nowMin)) {
            return $undone;
        }
        $back = [];
        foreach ($undone as $id => $part) {
            $back = self::holds($chains, [$id => $part] + $back, $kept, $standing, $crew, $nowMin) ? [$id => $part] + $back : $back;
        }

        return $back;
    }

    /**
     * Whether these places hold and break nothing that stood.
     *
     * @param array<int|string, StepsAhead> $chains
     * @param array<int|string, KeptPart>   $places
     * @param array<int|string, KeptPart>   $kept
     */
    private static function holds(array $chains, array $places, array $kept, StandingPlan $standing, Crew $crew, float $nowMin): bool
    {
        $broken = StandingPlan::of($chains, $places + $kept, $crew, $nowMin)->broken();

        return array_diff_key($broken, $standing->broken()) === [] && array_intersect_key($broken, $places) === [];
    }

    private static function isOther(StepsAhead $chain, ?KeptPart $was, ?KeptPart $is, StandingPart $standing): bool
    {
        if ($was === null || $is === null || $standing->placed === null) {
            return $chain->plan->ahead() !== [];
        }
        foreach ($standing->placed as $stood) {
            $step = $is->steps[$stood->step->id] ?? null;
            if ($step === null || abs($step->startMin - $stood->startMin) > 0.01 || $step->people !== $stood->people) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<RunStep> $steps
     *
     * @return list<PlacedStep>|null
     */
    private static function asKept(array $steps, KeptPart $kept): ?array
    {
        $placed = [];
        foreach ($steps as $step) {
            $was = $kept->steps[$step->id] ?? null;
            if ($was === null) {
                return null;
            }
            $placed[] = new PlacedStep($step, $was->startMin, $was->endMin, $was->way, $was->people);
        }

        return $placed;
    }
}
