<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Climate\AirCurve;
use OakGloss\Climate\DewPoint;
use OakGloss\Film\Face;
use OakGloss\Quantity\Temperature;

/** How this practice part, its resin and its shop really are: near what sheet and model say, never quite. */
final readonly class HiddenTruth
{
    private const HOURS = 14 * 24;

    private function __construct(
        private Chance $chance,
        /** Of every threshold of the sheet. */
        public float $pace,
        /** Of the sheet's viscosity. */
        public float $viscosity,
        /** What an edge pulls at, mm; the model says 0.7. */
        public float $edgePullMm,
        public float $cupLossG,
        /** Of the paper's removal speed. */
        public float $hand,
        public AirCurve $air,
        private float $humidity,
    ) {
    }

    public static function of(int $seed, Weather $weather = new Weather()): self
    {
        $chance = new Chance($seed);
        $points = [];
        $wander = 0.0;
        for ($hour = 0; $hour <= self::HOURS; $hour++) {
            $wander = 0.9 * $wander + 0.35 * $chance->normal("air/{$hour}");
            $points[] = [60.0 * $hour, 19.0 + $weather->warmerC + 2.0 * cos(2.0 * M_PI * ($hour - 15) / 24.0) + $wander];
        }

        return new self(
            $chance,
            exp(0.15 * $chance->normal('pace')),
            exp(0.15 * $chance->normal('viscosity')),
            Face::EDGE_PULL_MM * exp(0.20 * $chance->normal('edge')),
            8.0 * exp(0.25 * $chance->normal('cup')),
            exp(0.15 * $chance->normal('hand')),
            AirCurve::through($points),
            $weather->humidity,
        );
    }

    /** Air over its dew point, °C. */
    public function dewMarginC(float $minute): float
    {
        $air = $this->air->at($minute);
        $humidity = max(20.0, min(99.0, $this->humidity + 6.0 * $this->chance->normal('damp/'.(int) ($minute / 360.0))));

        return $air - DewPoint::of(Temperature::fromCelsius($air), $humidity)->inCelsius();
    }

    /** What nobody can foresee of a matter, normal. */
    public function luck(string $matter): float
    {
        return $this->chance->normal("luck/{$matter}");
    }

    /** How much of its share a place gets of every coat: the brush leaves hills and hollows. */
    public function share(int $cell): float
    {
        return max(0.6, 1.0 + 0.10 * $this->chance->normal("cell/{$cell}"));
    }

    /** And of one coat. */
    public function coatShare(int $cell, int $coat): float
    {
        return max(0.6, 1.0 + 0.05 * $this->chance->normal("coat/{$coat}/{$cell}"));
    }

    /** The same edge as one that the model's pull would thin so: r′/(r′ + 0.7) = r/(r + pull). */
    public function edgeRadiusMm(float $radiusMm): float
    {
        return $radiusMm * Face::EDGE_PULL_MM / $this->edgePullMm;
    }
}
