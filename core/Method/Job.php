<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Material\Bond;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\Substrate;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Temperature;
use OakGloss\Safety\Caution;

/** What a method needs to know of a part to tell its steps. */
final readonly class Job
{
    /**
     * @param bool          $needsPrimer bare metal
     * @param bool          $needsSeal   bare wood
     * @param int           $tackCoats   fresh tack coats on a base whose window for the cloth was missed
     * @param list<string>  $passZones   zones of the second passes, empty where none is needed
     * @param float         $turnMin     after a coat, when half of its flow is over
     * @param PostCure|null $postCure    before the last flatting
     */
    public function __construct(
        public Substrate $substrate,
        public bool $needsPrimer,
        public bool $needsSeal,
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
        public int $tackCoats = 0,
        public array $passZones = [],
        public float $passAreaM2 = 0.0,
        public float $turnMin = 20.0,
        public ?PostCure $postCure = null,
        public Bond $fillerBond = Bond::Key,
    ) {
    }

    /** All of the part wiped; with masking or the like it takes some minutes more. */
    public function wipe(string $key, string $name = 'wipe', float $moreMin = 0.0): Step
    {
        $hands = $this->pace->wiping($this->areaM2) + $moreMin;

        return new Step($key, $name, StepKind::Wipe, Follow::freely(), $hands, [Caution::SolventRags]);
    }

    /** What a build coat weighs, g/m². */
    public function buildGM2(): float
    {
        return $this->choices->buildGM2 === Choices::AS_THE_SHOP ? $this->weights->buildGM2 : $this->choices->buildGM2;
    }
}
