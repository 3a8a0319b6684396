<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Cure\PaceCheck;
use OakGloss\Cure\ShopPace;
use OakGloss\Cure\Touch;

/** Model `calibrate`. */
final class CalibrateCalc implements Calculation
{
    private const TOUCHES = ['too_wet' => Touch::TooWet, 'print' => Touch::Print, 'hard' => Touch::Hard];

    public function run(Fields $in): array
    {
        $prior = $in->numberOr('prior_sigma', ShopPace::PRIOR_SIGMA, 0.001, 1.0);
        $scatter = $in->numberOr('check_sigma', ShopPace::CHECK_SIGMA, 0.001, 1.0);
        $checks = array_map(self::check(...), $in->objects('checks', 0, 1000));
        $in->close();
        $pace = ShopPace::learnt($checks, $prior, $scatter);

        return ['factor' => $pace->factor, 'sigma' => $pace->sigma, 'rate_sigma' => $pace->rateSigma];
    }

    private static function check(Fields $in): PaceCheck
    {
        $state = $in->choice('state', [...array_keys(self::TOUCHES), 'clogs', 'dusts']);
        $age = $in->number('age_min', 0.001, 1e6);
        if (isset(self::TOUCHES[$state])) {
            $opens = $in->number('tack_from_min', 0.001, 1e6);
            $check = PaceCheck::ofTack(self::TOUCHES[$state], $age, $opens, $in->number('tack_until_min', $opens, 1e6));
        } else {
            $check = PaceCheck::ofSanding($state === 'dusts', $age, $in->number('sandable_min', 0.001, 1e6));
        }
        $in->close();

        return $check;
    }
}
