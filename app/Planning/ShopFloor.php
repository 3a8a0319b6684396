<?php

declare(strict_types=1);

namespace App\Planning;

use App\Clock\ShopTime;
use App\Models\AirReading;
use App\Models\Shop;
use OakGloss\Climate\AirCurve;
use OakGloss\Climate\DewPoint;
use OakGloss\Climate\Forecast;
use OakGloss\Plan\Workshop;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\WorkingTime;

/** The shop at a moment: its air, its hours and its numbers. */
final readonly class ShopFloor
{
    private const DAYS_BACK = 30;
    private const DAYS_AHEAD = 35;

    /** The next days' working hours whose mean air the plan reckons with. */
    private const WORKING_AIR_DAYS = 5;

    private function __construct(
        public Shop $shop,
        public ShopTime $time,
        public float $nowMin,
        public AirCurve $air,
        public WorkingTime $work,
        public Workshop $workshop,
        public ?AirReading $lastReading,
    ) {
    }

    public static function of(Shop $shop, float $nowMin): self
    {
        $time = new ShopTime($shop->zone);
        $from = $nowMin - self::DAYS_BACK * 1440.0;
        $until = $nowMin + self::DAYS_AHEAD * 1440.0;
        $readings = $shop->airReadings()->whereBetween('measured_at', [$time->local($from)->utc(), $time->local($nowMin)->utc()])->orderBy('measured_at')->get();
        $air = Forecast::corrected(
            $time->forecast($shop->day_curves, $shop->typed_air, $from, $until),
            array_values($readings->map(fn (AirReading $r): array => [ShopTime::minutes($r->measured_at), $r->air_c])->all()),
        );
        $work = $time->workingTime($shop->working_hours, $from, $until);
        $workshop = new Workshop(self::workingAir($air, $work, $nowMin), $shop->cup_loss_g, $shop->scale_step_g, $shop->target_burn_through);

        return new self($shop, $time, $nowMin, $air, $work, $workshop, $readings->last());
    }

    /** The same air and hours at another moment of their span. */
    public function asOf(float $minute): self
    {
        return new self($this->shop, $this->time, $minute, $this->air, $this->work, $this->workshop, $this->lastReading);
    }

    public function airNowC(): float
    {
        return $this->air->at($this->nowMin);
    }

    /** From the last reading's humidity while it is under 12 hours old. */
    public function dewPointC(): ?float
    {
        $rh = $this->humidity();

        return $rh === null || $this->lastReading === null ? null : DewPoint::of(Temperature::fromCelsius($this->lastReading->air_c), $rh)->inCelsius();
    }

    public function humidity(): ?float
    {
        return $this->lastReading !== null && $this->nowMin - ShopTime::minutes($this->lastReading->measured_at) < 720.0 ? $this->lastReading->rh_percent : null;
    }

    private static function workingAir(AirCurve $air, WorkingTime $work, float $nowMin): float
    {
        $samples = [];
        foreach ($work->windows as [$from, $until]) {
            for ($minute = max($from, $nowMin); $minute < min($until, $nowMin + self::WORKING_AIR_DAYS * 1440.0); $minute += 60.0) {
                $samples[] = $air->at($minute);
            }
        }

        return $samples === [] ? $air->at($nowMin) : array_sum($samples) / count($samples);
    }
}
