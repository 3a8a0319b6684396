<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Quantity\Bounds;

/** One step that wants hands. */
final readonly class RunStep
{
    /**
     * @param float                $handsMin  0 to 1 440
     * @param Gap|null             $after     null where nothing before it matters
     * @param float|null           $minC      may not start in colder air
     * @param float                $keyMin    hands-on minutes more where it is done keyed, or wiped once more
     * @param int                  $people    pairs of hands that it takes, 1 to 4
     * @param array<string, float> $uses      thing → minutes that the part stays in it after the hands, 0 to 100 000
     * @param float|null           $pinnedAt  the one minute at which it may start
     * @param float                $notBefore earliest start, minute
     * @param bool                 $mustKey   lets the window go by and is keyed
     * @param bool                 $mustBond  is not keyed
     * @param float|null           $maxC      may not start in warmer air
     */
    public function __construct(
        public string $id,
        public float $handsMin,
        public ?Gap $after = null,
        public ?float $minC = null,
        public float $keyMin = 0.0,
        public int $people = 1,
        public array $uses = [],
        public ?float $pinnedAt = null,
        public float $notBefore = -INF,
        public bool $mustKey = false,
        public bool $mustBond = false,
        public ?float $maxC = null,
    ) {
        Bounds::within($handsMin, 0.0, 1440.0, 'hands-on time', 'min');
        Bounds::within($keyMin, 0.0, 1440.0, 'time to key', 'min');
        Bounds::within($minC ?? 0.0, -40.0, 120.0, 'coldest air to start in', '°C');
        Bounds::within($maxC ?? 0.0, -40.0, 120.0, 'warmest air to start in', '°C');
        Bounds::within($people, 1, 4, 'pairs of hands', '');
        foreach ($uses as $thing => $hold) {
            Bounds::within($hold, 0.0, 1e5, "stay in {$thing}", 'min');
        }
    }

    /** The same at one minute and no other. */
    public function at(float $minute): self
    {
        return new self(
            $this->id,
            $this->handsMin,
            $this->after,
            $this->minC,
            $this->keyMin,
            $this->people,
            $this->uses,
            $minute,
            $this->notBefore,
            $this->mustKey,
            $this->mustBond,
            $this->maxC,
        );
    }

    /**
     * Nothing before a pinned step begins after it.
     *
     * @param list<self> $steps
     *
     * @return array<int, float> by step: the latest start that is worth trying
     */
    public static function latestStarts(array $steps): array
    {
        $latest = [];
        $pinned = INF;
        for ($i = count($steps) - 1; $i >= 0; $i--) {
            $pinned = min($pinned, $steps[$i]->pinnedAt ?? INF);
            $latest[$i] = $pinned;
        }

        return $latest;
    }
}
