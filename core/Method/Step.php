<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Safety\Caution;

/** One step of a method. */
final readonly class Step
{
    public string $id;

    /**
     * @param string             $key      stable within a job, such as `build-3`
     * @param string             $name     code of its words, such as `build`
     * @param array<string, int> $args     for its words, such as n of
     * @param float              $handsMin hands-on without sanding, which the ladder adds
     * @param list<Caution>      $cautions
     * @param string|null        $id       by which its place on the clock is kept; the key, unless that was renamed
     */
    public function __construct(
        public string $key,
        public string $name,
        public StepKind $kind,
        public Follow $follow,
        public float $handsMin,
        public array $cautions = [],
        public array $args = [],
        public ?Layer $layer = null,
        public ?Grits $grits = null,
        ?string $id = null,
    ) {
        $this->id = $id ?? $key;
    }
}
