<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Mixing\Batch;
use OakGloss\Mixing\MixRatio;

/** Model `mix`: by `hardener_phr`, or by `volume_ratio` [resin, hardener] with both densities. */
final class MixCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $total = $in->number('total_g', 0.1, 100000.0);
        $step = $in->number('scale_step_g', 0.001, 1000.0);
        $pigment = $in->numberOr('pigment_fraction', 0.0, 0.0, 0.5);
        if ($in->has('hardener_phr')) {
            $ratio = MixRatio::byWeight($in->number('hardener_phr', 0.1, 500.0));
        } elseif ($in->has('volume_ratio')) {
            [$resin, $hardener] = $in->numbers('volume_ratio', 2, 2, 0.01, 1000.0);
            $ratio = MixRatio::byVolume(
                $resin,
                $hardener,
                $in->number('density_resin', 0.5, 3.0),
                $in->number('density_hardener', 0.5, 3.0),
            );
        } else {
            throw $in->bad('hardener_phr', 'is missing, and there is no volume_ratio either');
        }
        $in->close();
        $batch = Batch::of($total, $ratio, $pigment);
        $error = $batch->worstRatioError($step);
        if (is_infinite($error)) {
            throw $in->bad('scale_step_g', 'is too coarse: the scale would show no resin for this batch');
        }

        return [
            'ratio_by_weight' => $ratio->hardenerPerResin,
            'resin_g' => $batch->resinG,
            'hardener_g' => $batch->hardenerG,
            'pigment_g' => $batch->pigmentG,
            'worst_ratio_error' => $error,
        ];
    }
}
