<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** What a plan costs: when each part ends, keys that are hands besides, lateness, and the unrest of what was told. Minutes. */
final readonly class PlanCost
{
    /** A part that has no place counts as this many lengths of the sheet. */
    private const WITHOUT = 3.0;

    /** A minute by which a first step is put off; so little that it only decides among equals. */
    private const PUT_OFF = 1e-3;

    /** The same where its window may close: the end of a window is less sure than its beginning (ours). */
    private const PUT_OFF_IN_WINDOW = 0.5;

    /** @param list<Chain> $chains */
    public function __construct(
        private array $chains,
        private float $fromMin,
        private float $untilMin,
        private float $keyPenaltyMin,
        private Unrest $unrest,
    ) {
    }

    /** @param list<PlacedStep> $placed minutes from the sheet's begin, not weighed */
    public function plain(Chain $chain, array $placed): float
    {
        if ($placed === []) {
            return 0.0;
        }
        $end = $placed[count($placed) - 1]->endMin;
        $keyed = count(array_filter($placed, fn (PlacedStep $p): bool => $p->way === Way::Keyed));
        $wiped = count(array_filter($placed, fn (PlacedStep $p): bool => $p->way === Way::Wiped));

        $putOff = ($chain->isInWindow() ? self::PUT_OFF_IN_WINDOW : self::PUT_OFF) * max(0.0, $placed[0]->startMin - $this->fromMin);

        $again = $keyed * $this->keyPenaltyMin + $wiped * PartPlacer::WIPE_PENALTY_MIN;

        return $end - $this->fromMin + $again + $chain->late()->of($end) + $putOff;
    }

    /** @param list<PlacedStep>|null $placed */
    public function of(int $i, ?array $placed): float
    {
        $chain = $this->chains[$i];

        return $chain->weight * ($placed === null ? self::WITHOUT * ($this->untilMin - $this->fromMin) : $this->plain(
            $chain,
            $placed,
        ) + $this->unrest->of($chain, $placed));
    }

    /** @param array<int, list<PlacedStep>|null> $plan */
    public function ofAll(array $plan): float
    {
        $sum = 0.0;
        foreach ($plan as $i => $placed) {
            $sum += $this->of($i, $placed);
        }

        return $sum;
    }
}
