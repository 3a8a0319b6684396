<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Abrasion\SandingMethod;

/** Model `grit-ladder`. */
final class GritLadderCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $method = SandingMethod::from($in->choice('method', array_column(SandingMethod::cases(), 'value')));
        $shelf = [];
        foreach ($in->numbers('shelf', 0, 1000, 0.0, 1e6) as $i => $number) {
            $shelf[] = self::grit($in, "shelf[{$i}]", $number);
        }
        $area = $in->number('area_m2', 0.0, 100.0);
        $from = self::grit($in, 'from', $in->number('from', 0.0, 1e6));
        $to = self::grit($in, 'to', $in->number('to', 0.0, 1e6));
        $ladder = Ladder::cheapest(
            $method,
            $area,
            $shelf,
            $from,
            $to,
            $in->number('first_cut_um', 0.0, 5000.0),
            $in->numberOr('max_ratio', Ladder::MAX_RATIO, 1.0, 100.0),
            $in->numberOr('change_min', Ladder::CHANGE_MIN, 0.0, 120.0),
        );
        $in->close();
        if ($from > $to) {
            throw $in->bad('to', 'must not be coarser than from');
        }
        if ($ladder === null) {
            return ['possible' => false];
        }

        return [
            'possible' => true,
            'minutes' => $ladder->minutes,
            'total_cut_um' => $ladder->totalCutUm(),
            'left_scratch_um' => $ladder->leftScratchUm(),
            'steps' => array_map(fn (LadderStep $s): array => [
                'grit' => $s->grit->number,
                'cut_um' => $s->cutUm,
                'minutes' => $s->minutes,
            ], $ladder->steps),
        ];
    }

    private static function grit(Fields $in, string $field, float $number): int
    {
        if (floor($number) !== $number || ! isset(Grit::MEAN_GRAIN_UM[(int) $number])) {
            throw $in->bad($field, 'must be a paper of the P series, one of '.implode(', ', array_keys(Grit::MEAN_GRAIN_UM)));
        }

        return (int) $number;
    }
}
