<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Climate\PartTemperature;

/**
 * When a coat may be touched, coated and sanded. An event comes when the thermal age since the coat went on
 * reaches its threshold; early = threshold·e^(−σ) with the part δ warmer, late = threshold·e^(+σ) with it δ colder.
 * Tables are shared by all coats asked for, as long as none is older than $fromMin.
 */
final class CureForecast
{
    /** No event is looked for beyond this, minutes (60 days). */
    public const HORIZON_MIN = 60 * 1440.0;

    /** @var array<string, ThermalAge> */
    private array $tables = [];

    public function __construct(
        private readonly PartTemperature $part,
        private readonly Kinetics $kinetics,
        private readonly Spread $spread,
        private readonly float $fromMin,
    ) {
    }

    /** @param float $pace this one coat's slowness against the resin's ages, 1 as the sheet says */
    public function event(Milestone|string $event, float $appliedMin, float $pace = 1.0): CureEvent
    {
        return $this->reaching($this->kinetics->age($event) * $pace, $appliedMin, $this->kinetics->stallFor($event));
    }

    /** When the thermal age of a coat comes to so many minutes at the reference temperature. */
    public function reaching(float $threshold, float $appliedMin, ?float $stall = null): CureEvent
    {
        $sigma = exp($this->spread->rateSigma);
        $delta = $this->spread->temperatureC;

        return new CureEvent(
            $this->when($threshold, $appliedMin, 0.0, $stall),
            $this->when($threshold / $sigma, $appliedMin, $delta, $stall),
            $this->when($threshold * $sigma, $appliedMin, -$delta, $stall),
        );
    }

    /** Thermal age of a coat at a minute, as expected. */
    public function age(float $appliedMin, float $minute): float
    {
        $table = $this->table(0.0, null);

        return max(0.0, $table->at($minute) - $table->at($appliedMin));
    }

    /** Tack window of a coat, from expected tack_from to expected tack_until, with its sure part. */
    public function window(float $appliedMin, float $pace = 1.0): TackWindow
    {
        return new TackWindow(
            $this->event(Milestone::TackFrom, $appliedMin, $pace),
            $this->event(Milestone::TackUntil, $appliedMin, $pace),
        );
    }

    private function when(float $age, float $appliedMin, float $shiftC, ?float $stallC): ?float
    {
        return $this->table($shiftC, $stallC)->when($age, $appliedMin, $appliedMin + self::HORIZON_MIN);
    }

    private function table(float $shiftC, ?float $stallC): ThermalAge
    {
        return $this->tables["{$shiftC}/{$stallC}"] ??= new ThermalAge($this->part, $this->kinetics, $this->fromMin, $shiftC, $stallC);
    }
}
