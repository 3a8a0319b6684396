<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

use OakGloss\Climate\DewPoint;
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\Milestone;
use OakGloss\Material\ClearCoat;
use OakGloss\Method\Finding;
use OakGloss\Method\Severity;
use OakGloss\Plan\PlannedStep;
use OakGloss\Quantity\Temperature;

/** What stands against a coat in this air: cold, dew, damp, a falling temperature while it tacks. */
final class AirGates
{
    /** Damp air lets an amine-cured film sweat, % (ours; the sheet may say other). */
    private const DAMP_PERCENT = 75.0;

    /** So much above the dew point no film sweats in the night, °C (ours). */
    private const BLUSH_MARGIN_C = 5.0;

    /** A fall of this much within the tack time is worth a warning, °C (ours). */
    private const FALL_C = 3.0;

    /**
     * The water in the air is taken to stay what it is now: the dew point holds while the air cools.
     *
     * @param float      $atMin     when the coat goes on
     * @param float|null $dewPointC null where no humidity is known
     * @param float|null $rhPercent now
     *
     * @return list<Finding>
     */
    public static function of(StepsAhead $chain, PlannedStep $coat, float $atMin, ?float $dewPointC, ?float $rhPercent): array
    {
        $resin = $chain->plan->materials->resinFor($coat->step);
        $part = new PartTemperature($chain->air, $chain->plan->brief->substrate->lagMin());
        $atC = $part->at($atMin);
        $closes = $chain->clocks->forecastOf($coat)->event(Milestone::TackUntil, $atMin)->expectedMin ?? $atMin + 1440.0;
        [$coldestAt, $coldestC] = self::coldest($part, $atMin, $closes);
        $findings = [];
        if ($chain->air->at($atMin) < $resin->minC) {
            $findings[] = new Finding(
                Severity::Warn,
                'air.too_cold',
                [
                    'air' => $chain->air->at($atMin),
                    'least' => $resin->minC,
                    'warmer_at' => self::firstAbove($chain, $atMin, $resin->minC) ?? INF,
                ],
            );
        }
        if ($resin->maxC !== null && $chain->air->at($atMin) > $resin->maxC) {
            $findings[] = new Finding(Severity::Warn, 'air.too_warm', ['air' => $chain->air->at($atMin), 'most' => $resin->maxC]);
        }
        if ($dewPointC !== null && $atC - $dewPointC < DewPoint::MARGIN_C) {
            $findings[] = new Finding(
                Severity::Warn,
                'air.dew',
                [
                    'part' => $atC, 'dew' => $dewPointC, 'margin' => DewPoint::MARGIN_C, 'to' => $dewPointC + DewPoint::MARGIN_C,
                ],
            );
        } elseif ($dewPointC !== null && ($coldestC - $dewPointC < self::BLUSH_MARGIN_C || ($rhPercent ?? 0.0) >= self::DAMP_PERCENT)) {
            $findings[] = new Finding(Severity::Warn, 'air.blush', ['margin' => $coldestC - $dewPointC, 'at' => $coldestAt]);
        }
        if ($atC - $coldestC > self::FALL_C) {
            $steady = $resin->kinetics->age(Milestone::TackUntil) / $resin->kinetics->activation->rate(
                Temperature::fromCelsius($atC),
                $resin->kinetics->reference,
            );
            $findings[] = new Finding(Severity::Note, 'air.falling', ['fall' => $atC - $coldestC, 'later' => $closes - $atMin - $steady]);
        }

        return $findings;
    }

    /**
     * What stands against a clear: cold, and the dew point for as long as it flashes and sets.
     *
     * @return list<Finding>
     */
    public static function ofClear(StepsAhead $chain, ClearCoat $clear, float $atMin, float $untilMin, ?float $dewPointC): array
    {
        $part = new PartTemperature($chain->air, $chain->plan->brief->substrate->lagMin());
        [$coldestAt, $coldestC] = self::coldest($part, $atMin, $untilMin);
        $findings = [];
        if ($chain->air->at($atMin) < $clear->minC) {
            $findings[] = new Finding(
                Severity::Warn,
                'air.too_cold',
                [
                    'air' => $chain->air->at($atMin),
                    'least' => $clear->minC,
                    'warmer_at' => self::firstAbove($chain, $atMin, $clear->minC) ?? INF,
                ],
            );
        }
        if ($dewPointC !== null && $coldestC - $dewPointC < DewPoint::MARGIN_C) {
            $findings[] = new Finding(
                Severity::Warn,
                'air.dew',
                [
                    'part' => $coldestC, 'dew' => $dewPointC, 'margin' => DewPoint::MARGIN_C, 'to' => $dewPointC + DewPoint::MARGIN_C,
                    'at' => $coldestAt,
                ],
            );
        }

        return $findings;
    }

    /** @return array{float, float} minute and °C */
    private static function coldest(PartTemperature $part, float $from, float $until): array
    {
        $coldest = [$from, $part->at($from)];
        for ($minute = $from; $minute <= $until; $minute += 10.0) {
            if ($part->at($minute) < $coldest[1]) {
                $coldest = [$minute, $part->at($minute)];
            }
        }

        return $coldest;
    }

    private static function firstAbove(StepsAhead $chain, float $from, float $c): ?float
    {
        for ($minute = $from; $minute < $from + 4320.0; $minute += 15.0) {
            if ($chain->air->at($minute) >= $c) {
                return $minute;
            }
        }

        return null;
    }
}
