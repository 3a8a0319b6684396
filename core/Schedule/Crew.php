<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Quantity\Bounds;

/** Who is at the bench when, and the things that steps share. */
final readonly class Crew
{
    /**
     * @param list<WorkingTime>  $people one a pair of hands
     * @param array<string, int> $things name → how many parts it holds at a time, 1 to 50
     *
     * @throws \OakGloss\Quantity\OutOfRange If a thing holds none.
     */
    public function __construct(public array $people, public array $things = [])
    {
        foreach ($things as $name => $capacity) {
            Bounds::within($capacity, 1, 50, "places of {$name}", '');
        }
    }

    public static function alone(WorkingTime $work): self
    {
        return new self([$work]);
    }

    /** When at least one is there. */
    public function together(): WorkingTime
    {
        return WorkingTime::of(array_merge(...array_map(fn (WorkingTime $w): array => $w->windows, $this->people)));
    }
}
