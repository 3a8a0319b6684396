<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Cure\Fit;

/** Model `fit`: softening, post-cure, expansion. */
final class FitCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $cures = $in->numbers('cures_c', 1, 50, -40.0, 300.0);
        if ($cures === []) {
            throw $in->bad('cures_c', 'must have an entry');
        }
        $fit = Fit::of(
            $in->number('ultimate_tg_c', -40.0, 400.0),
            $cures,
            $in->number('service_c', -40.0, 400.0),
            $in->number('start_c', -40.0, 120.0),
            $in->number('substrate_limit_c', -40.0, 1000.0),
            $in->number('part_expansion_1e6_k', -20.0, 500.0),
            $in->number('skin_expansion_1e6_k', -20.0, 500.0),
            $in->number('skin_mm', 0.0, 100.0),
        );
        $in->close();

        return [
            'tg_c' => $fit->tgC,
            'softens' => $fit->softens,
            'strain_percent' => $fit->strainPercent,
            'index' => $fit->index,
            'prepare' => $fit->prepare,
            'post_cure' => match (true) {
                $fit->postCure === null => null,
                $fit->postCure['possible'] => [
                    'possible' => true,
                    'hold_c' => $fit->postCure['holdC'],
                    'ramp_h' => $fit->postCure['rampH'],
                ],
                default => $fit->postCure,
            },
        ];
    }
}
