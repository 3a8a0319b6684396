<?php

declare(strict_types=1);

namespace OakGloss\Material;

use OakGloss\Cure\CupHeat;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\ShopPace;
use OakGloss\Cure\Spread;
use OakGloss\Film\Rheology;
use OakGloss\Mixing\Catalyst;
use OakGloss\Mixing\MixRatio;
use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** A two-part resin system as its sheet gives it. */
final readonly class Resin
{
    /** Where a sheet does not say, °C (planning value). */
    public const USUAL_TG_C = 65.0;
    /** An uncured film is kept cooler than this, °C (ours; the sheet may say less). */
    public const FILM_WARMEST_C = 45.0;

    /**
     * @param float                $potLifeMin    of the sheet's mass at the sheet's temperature
     * @param float                $minC          not laid in colder air
     * @param float|null           $maxC          not laid in warmer air; null where the sheet says nothing
     * @param array<string, float> $hardenerParts of a blend: each hardener's share of the hardener's weight
     * @param float                $ultimateTgC   softening that no cure lifts it above
     * @param float                $rateSigma     doubt of one coat's ages, ln: the sheet's, or what the shop's own checks leave of it
     * @param bool                 $isFace        made to be the face of a mould: a gel coat
     *
     * @param Catalyst|null $catalyst of a polyester, by temperature; null where a hardener is mixed in a ratio
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public string $name,
        public Kinetics $kinetics,
        public Rheology $rheology,
        public MixRatio $ratio,
        public float $potLifeMin,
        public float $potMassG,
        public float $potC,
        public float $minC,
        public bool $uvStable,
        public float $pigmentFraction = 0.0,
        public float $rateSigma = Spread::SHEET_SIGMA,
        public ?float $maxC = null,
        public float $ultimateTgC = self::USUAL_TG_C,
        public Chemistry $chemistry = Chemistry::Epoxy,
        public array $hardenerParts = [],
        public ?Catalyst $catalyst = null,
        public Opacity $opacity = Opacity::Clear,
        public bool $isFace = false,
    ) {
        Bounds::within($potLifeMin, 0.5, 10000.0, 'pot life', 'min');
        Bounds::within($potMassG, 1.0, 10000.0, 'mass of the pot life', 'g');
        Bounds::within($minC, -10.0, 60.0, 'coldest air to lay in', '°C');
    }

    /** The same resin at the pace that this shop has found it to have. */
    public function paced(ShopPace $pace): self
    {
        return new self(
            $this->name,
            $this->kinetics->paced($pace->factor),
            $this->rheology,
            $this->ratio,
            $this->potLifeMin,
            $this->potMassG,
            $this->potC,
            $this->minC,
            $this->uvStable,
            $this->pigmentFraction,
            $pace->rateSigma,
            $this->maxC,
            $this->ultimateTgC,
            $this->chemistry,
            $this->hardenerParts,
            $this->catalyst,
            $this->opacity,
            $this->isFace,
        );
    }

    /**
     * How long a cup of the sheet's mass stays usable at an air temperature, minutes: the sheet's value over the
     * rate of cure. A larger or deeper cup heats itself and has less.
     */
    public function potLifeAt(Temperature $air): float
    {
        return $this->potLifeMin * $this->kinetics->activation->rate(Temperature::fromCelsius($this->potC), $air);
    }

    /** The cup that its sheet's pot life describes. */
    public function cupHeat(): CupHeat
    {
        /** @var array<string, CupHeat> $fitted */
        static $fitted = [];
        $sheet = [$this->kinetics->activation->joulePerMol, $this->rheology->densityGCm3, $this->potMassG, $this->potC, $this->potLifeMin];

        return $fitted[implode('/', $sheet)] ??= CupHeat::fitted(
            $this->kinetics->activation,
            $this->rheology->densityGCm3,
            $this->potMassG,
            Temperature::fromCelsius($this->potC),
            $this->potLifeMin,
        );
    }

    /** Fewest cups so that none holds more than the sheet's pot-life mass. */
    public function cupsFor(float $grams): int
    {
        return max(1, (int) ceil($grams / $this->potMassG - 1e-9));
    }
}
