<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Inspection\Cause;
use OakGloss\Inspection\CauseRanking;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Evidence;
use OakGloss\Inspection\Sign;
use OakGloss\Inspection\Suspect;

/** `cause`: what a defect comes of, by what is on record. */
final class CauseCalc implements Calculation
{
    /** Keys as units name them, and the evidence that each is. */
    private const KEYS = [
        'air_c' => 'airC', 'min_c' => 'minC', 'hottest_since_c' => 'hottestSinceC', 'dew_margin_c' => 'dewMarginC',
        'wipe_age_min' => 'wipeAgeMin', 'ratio_off_percent' => 'ratioOffPercent', 'cup_age_share' => 'cupAgeShare', 'rest_min' => 'restMin',
        'lot_open_days' => 'lotOpenDays', 'below_over_tack' => 'belowOverTack', 'below_over_bond' => 'belowOverBond',
        'coat_over_limit' => 'coatOverLimit', 'wet_over_drink' => 'wetOverDrink', 'base_over_plan' => 'baseOverPlan',
        'slope_deg' => 'slopeDeg', 'cover_over_need' => 'coverOverNeed', 'pass_over_need' => 'passOverNeed',
        'pass_under_need' => 'passUnderNeed', 'first_grit' => 'firstGrit', 'sanded_over_ready' => 'sandedOverReady',
        'settled_share' => 'settledShare', 'scratch_over_most' => 'scratchOverMost', 'ladder_gap' => 'ladderGap',
        'water_share' => 'waterShare', 'm2_per_hand' => 'm2PerHand', 'expansion_index' => 'expansionIndex',
        'weave_over_shows' => 'weaveOverShows',
    ];

    private const FLAGS = [
        'dust_left' => 'dustLeft', 'is_edge' => 'isEdge', 'is_in_corner' => 'isInCorner', 'has_uv_guard' => 'hasUvGuard',
    ];

    public function run(Fields $in): array
    {
        $defect = Defect::from($in->choice('defect', array_map(fn (Defect $d): string => $d->value, Defect::cases())));
        $known = $this->known($in->objectOr('evidence'));
        $told = $this->told($in->objectOr('told'));
        $in->close();

        return ['causes' => array_map(fn (Suspect $s): array => [
            'cause' => $s->cause->value,
            'prior' => $s->prior,
            'odds' => $s->odds,
            'share' => $s->share,
            'signs' => array_map(fn (Sign $sign): array => ['of' => $sign->of, 'factor' => $sign->factor], $s->signs),
        ], CauseRanking::of($defect, Evidence::read($known), $told)->suspects)];
    }

    /** @return array<string, float|int|bool|null> */
    private function known(?Fields $on): array
    {
        if ($on === null) {
            return [];
        }
        $known = [];
        foreach (self::KEYS as $key => $name) {
            $known[$name] = $on->numberOr($key, null, -1e6, 1e9);
        }
        foreach (self::FLAGS as $key => $name) {
            $known[$name] = $on->flagOr($key);
        }
        if ($on->flagOr('wiped') === false) {
            $known['wipeAgeMin'] = INF;
        }
        $on->close();
        if (isset($known['firstGrit'])) {
            $known['firstGrit'] = (int) $known['firstGrit'];
        }

        return $known;
    }

    /** @return array<string, bool> */
    private function told(?Fields $in): array
    {
        if ($in === null) {
            return [];
        }
        $told = [];
        foreach (Cause::cases() as $cause) {
            $said = $in->flagOr($cause->value);
            $told += $said === null ? [] : [$cause->value => $said];
        }
        $in->close();

        return $told;
    }
}
