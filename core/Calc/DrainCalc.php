<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Film\Drainage;
use OakGloss\Film\Face;
use OakGloss\Film\FallLine;
use OakGloss\Film\RunRisk;
use OakGloss\Quantity\Temperature;

/** Model `drain`: one coat on a chain of faces. */
final class DrainCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $resin = CommonFields::rheology($in->object('resin'));
        $air = Temperature::fromCelsius($in->number('air_c', -40.0, 80.0));
        $coat = $in->number('g_m2', 0.0, 3000.0);
        [$faces, $loads] = [[], []];
        foreach ($in->objects('faces', 1, 20) as $face) {
            $loads[] = $face->numberOr('g_m2', $coat, 0.0, 3000.0);
            $faces[] = CommonFields::face($face);
        }
        $turns = CommonFields::turns($in);
        $in->close();
        if ($faces === []) {
            throw $in->bad('faces', 'must have an entry');
        }
        $heaviest = max($loads);
        $appliedUm = $heaviest / $resin->densityGCm3;
        $flown = $heaviest <= 0.0
            ? ['kept' => array_map(fn (): float => 0.0, $loads), 'left' => 0.0]
            : (new FallLine(
                $faces,
                array_map(fn (float $g): float => $g / $heaviest, $loads),
            ))->kept(Drainage::tau($appliedUm, $resin, $air), $turns);
        $drained = $flown['left'] * $heaviest;

        return [
            'faces' => array_map(
                fn (Face $f, float $kept): array => ['name' => $f->name, 'retained_um' => $kept * $appliedUm],
                $faces,
                $flown['kept'],
            ),
            'drained_g_m' => $drained,
            'bead_mm' => RunRisk::beadOf($drained, $resin->densityGCm3),
        ];
    }
}
