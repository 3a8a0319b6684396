<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Optics\Compound;
use OakGloss\Optics\GlossAt60;

/** Model `gloss`: after a compound, or after a paper and how it was driven. */
final class GlossCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $index = $in->numberOr('n', GlossAt60::RESIN_INDEX, 1.2, 2.5);
        if ($in->has('compound')) {
            if ($in->has('grit')) {
                throw $in->bad('grit', 'stands for a paper; with a compound the surface has none');
            }
            $rms = Compound::from($in->choice('compound', array_column(Compound::cases(), 'value')))->rmsUm();
        } else {
            $number = $in->whole('grit', 0, 100000);
            if (! isset(Grit::MEAN_GRAIN_UM[$number])) {
                throw $in->bad('grit', 'must be a paper of the P series');
            }
            $method = SandingMethod::from($in->choice('method', array_column(SandingMethod::cases(), 'value')));
            $rms = GlossAt60::rmsAfterPaper($method->scratchUm(Grit::p($number)));
        }
        $in->close();

        return ['rms_um' => $rms, 'gloss_units' => GlossAt60::of($rms, $index)];
    }
}
