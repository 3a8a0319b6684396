<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Material\ClearCoat;
use OakGloss\Material\Substrate;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Temperature;

/** What a method needs to know of a part to tell its steps. */
final readonly class Job
{
    public function __construct(
        public Substrate $substrate,
        public bool $needsPrimer,
        public Finish $finish,
        public float $areaM2,
        public int $holes,
        public Choices $choices,
        public int $buildCoats,
        public float $clothGM2,
        public CoatWeights $weights,
        public Pace $pace,
        public int $clearCoats,
        public ?ClearCoat $clear,
        public ?ClearCoat $filler,
        public int $fillerCoats,
        public Temperature $air,
        public float $polishMin,
    ) {
    }
}
