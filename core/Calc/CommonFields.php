<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Activation;
use OakGloss\Cure\CupHeat;
use OakGloss\Film\Face;
use OakGloss\Film\Rheology;
use OakGloss\Quantity\Temperature;

/** Fields that several models share. */
final class CommonFields
{
    /** Air points `[{min, c}]`, minutes rising. */
    public static function air(Fields $in, string $name = 'air'): AirCurve
    {
        $points = [];
        foreach ($in->objects($name, 1, 20000) as $i => $point) {
            $minute = $point->number('min', -1e7, 1e8);
            if ($i > 0 && $minute <= $points[$i - 1][0]) {
                throw $point->bad('min', 'must be later than the point before it');
            }
            $points[] = [$minute, $point->number('c', -40.0, 80.0)];
            $point->close();
        }

        return AirCurve::through($points);
    }

    public static function reference(Fields $resin): Temperature
    {
        return Temperature::fromCelsius($resin->number('reference_c', -20.0, 150.0));
    }

    /** `activation_j_mol`, else fitted through `sheet[{c, minutes}]`, else the planning value. */
    public static function activation(Fields $resin): Activation
    {
        $given = $resin->numberOr('activation_j_mol', null, 1000.0, 300000.0);
        $rows = [];
        if ($resin->has('sheet')) {
            foreach ($resin->objects('sheet', 0, 100) as $row) {
                $rows[] = [$row->number('c', -20.0, 150.0), $row->number('minutes', 0.01, 1e6)];
                $row->close();
            }
        }
        if ($given !== null) {
            return Activation::given($given);
        }
        try {
            return Activation::throughSheet($rows);
        } catch (\OakGloss\Quantity\OutOfRange $e) {
            throw $resin->bad('sheet', $e->getMessage());
        }
    }

    /** How a mixed resin flows: density, viscosity, gel, activation, shrinkage. */
    public static function rheology(Fields $resin): Rheology
    {
        $reference = self::reference($resin);
        $rheology = new Rheology(
            $resin->number('density_g_cm3', 0.5, 3.0),
            $reference,
            $resin->number('viscosity_pa_s', 0.01, 1000.0),
            Activation::given($resin->number('viscosity_ea_j_mol', 1000.0, 300000.0)),
            $resin->number('gel_age_min', 0.1, 100000.0),
            self::activation($resin),
            $resin->numberOr('shrinkage', 0.03, 0.0, 0.2),
        );
        $resin->close();

        return $rheology;
    }

    /** The cup of a resin by its sheet's pot life: `density_g_cm3`, `activation_j_mol`, `pot{mass_g, c, minutes}`. */
    public static function cup(Fields $resin): CupHeat
    {
        $density = $resin->number('density_g_cm3', 0.5, 3.0);
        $activation = $resin->numberOr('activation_j_mol', null, 1000.0, 300000.0);
        $pot = $resin->object('pot');
        $sheet = [
            $pot->number('mass_g', 1.0, 10000.0),
            Temperature::fromCelsius($pot->number('c', -40.0, 120.0)),
            $pot->number('minutes', 0.5, 10000.0),
        ];
        $pot->close();
        $resin->close();

        return CupHeat::fitted($activation === null ? Activation::assumed() : Activation::given($activation), $density, ...$sheet);
    }

    /** A face of a chain: `name`, `slope_deg`, `length_m`. */
    public static function face(Fields $face): Face
    {
        $made = new Face($face->number('slope_deg', 0.0, 90.0), $face->number('length_m', 0.001, 20.0), null, $face->text('name'));
        $face->close();

        return $made;
    }

    /** @return list<float> `turns`: shares of the flow, rising */
    public static function turns(Fields $coat): array
    {
        $turns = $coat->numbersOr('turns', 20, 0.0, 1.0);
        $sorted = $turns;
        sort($sorted);

        return $turns === $sorted ? $turns : throw $coat->bad('turns', 'must rise');
    }
}
