<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** Hands over time, counted at the points of a grid: how many there are, and how many a plan wants. */
final readonly class HandsGrid
{
    public function __construct(private Crew $crew, private float $fromMin, private float $untilMin, private float $gridMin)
    {
    }

    /**
     * Pairs of hands wanted at each point of the grid.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     *
     * @return list<int>
     */
    public function wanted(array $plan): array
    {
        $wanted = array_fill(0, $this->points(), 0);
        foreach ($plan as $placed) {
            foreach ($this->cells($placed) as $k => $people) {
                $wanted[$k] += $people;
            }
        }

        return array_values($wanted);
    }

    /**
     * Points of the grid at which a part wants hands, and how many.
     *
     * @param list<PlacedStep>|null $placed
     *
     * @return array<int, int>
     */
    public function cells(?array $placed): array
    {
        $cells = [];
        $points = $this->points();
        foreach ($placed ?? [] as $p) {
            [$from, $until] = $this->span($p->startMin, $p->endMin, $points);
            for ($k = $from; $k < $until; $k++) {
                $cells[$k] = ($cells[$k] ?? 0) + $p->step->people;
            }
        }

        return $cells;
    }

    /** @return list<int> people at the bench at each point of the grid */
    public function handsAt(): array
    {
        $points = $this->points();
        $hands = array_fill(0, $points, 0);
        foreach ($this->crew->people as $work) {
            foreach ($work->windows as [$open, $close]) {
                [$from, $until] = $this->span($open, $close, $points);
                for ($k = $from; $k < $until; $k++) {
                    $hands[$k]++;
                }
            }
        }

        return array_values($hands);
    }

    private function points(): int
    {
        return (int) ceil(($this->untilMin - $this->fromMin) / $this->gridMin);
    }

    /** @return array{int, int} points of the grid from the first within a span to the first after it */
    private function span(float $from, float $until, int $points): array
    {
        $point = fn (float $m): int => (int) ceil(($m - $this->fromMin) / $this->gridMin - 1e-9);

        return [max(0, $point($from)), min($points, $point($until))];
    }
}
