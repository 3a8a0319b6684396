<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Method\Choice\SecondPasses;

/** Build coats, each in the tack of the one before, then the coats of their own for the thinnest zones. */
final readonly class CoatsAtTack
{
    /** However level the part is: a method never plans fewer before the first flatting. */
    public const LEAST = 2;

    /** @param string|null $under key of the coat whose tack the first one goes into; null where that was keyed */
    public function __construct(private Job $job, private ?string $under)
    {
    }

    public static function count(): CoatCount
    {
        return new CoatCount(self::LEAST, 1, Role::ResinFlat);
    }

    /** @return list<Step> */
    public function build(): array
    {
        $steps = [];
        $last = $this->under;
        foreach ($this->coats() as $coat) {
            $coat = $coat->after($last === null ? Follow::minutes(5.0) : Follow::whileTacky($last));
            $steps = [...$steps, ...$this->job->andTurn($coat)];
            $last = $coat->key;
        }

        return $steps;
    }

    /** Key of the last coat. */
    public function last(): string
    {
        $coats = $this->coats();

        return $coats[count($coats) - 1]->key;
    }

    /** @return non-empty-list<Step> */
    private function coats(): array
    {
        $job = $this->job;
        $coats = array_map(fn (int $n): Step => $job->coat(Role::Build)->nth($n, $job->coats->build), range(1, max(1, $job->coats->build)));
        for ($n = 1; $job->coats->passZones !== [] && $n <= SecondPasses::number($job->choices); $n++) {
            $coats[] = $job->coat(Role::Spot, 'pass', $job->coats->passZones)->nth($n, isSaid: false);
        }

        return $coats;
    }
}
