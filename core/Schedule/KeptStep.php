<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** Where a step was put on the clock when the plan was kept, and the window that it was put into then. Minutes. */
final readonly class KeptStep
{
    /**
     * @param string               $id        outlives a renaming of the step
     * @param list<int>            $people    whose hands, counted in the crew; −1 for who is there no more
     * @param array<string, float> $uses      thing → minutes that the part stays in it after the hands
     * @param float|null           $opensMin  when the step may begin, as reckoned then
     * @param float|null           $closesMin when it may begin no more
     */
    public function __construct(
        public string $id,
        public float $startMin,
        public float $endMin,
        public Way $way,
        public array $people = [],
        public array $uses = [],
        public ?float $opensMin = null,
        public ?float $closesMin = null,
    ) {
    }
}
