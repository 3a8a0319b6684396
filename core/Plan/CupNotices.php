<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cure\CupHeat;
use OakGloss\Material\Resin;
use OakGloss\Method\Finding;
use OakGloss\Method\Role;
use OakGloss\Method\Severity;
use OakGloss\Method\Workshop;
use OakGloss\Mixing\Cups;
use OakGloss\Quantity\Temperature;

/** Whether each coat ahead can be spread before its cup gels, and how hot a cup gets that is left standing. */
final class CupNotices
{
    /** A way out is looked for down to this much under the air, °C. */
    private const COOLER_BY_C = 12.0;
    /** Nobody mixes one coat in more cups (ours). */
    private const MOST_CUPS = 6;

    /** @return list<Finding> one for each coat that can't be spread, one for the hottest cup of the part */
    public static function of(FinishPlan $plan): array
    {
        [$findings, $hottest] = [[], null];
        foreach ($plan->ahead() as $step) {
            // What is drawn through a stack is spread by nobody.
            $isSpread = $step->batch !== null && $step->laidGM2 !== null && $step->step->role !== Role::Infuse;
            if (! $isSpread || isset($findings[$step->step->name])) {
                continue;
            }
            $cups = self::cups($plan, $step);
            $byMass = $plan->materials->resinFor($step->step)->cupsFor($step->batch->totalG());
            if ($cups === null) {
                $findings[$step->step->name] = self::cannot($plan, $step);
            } elseif ($cups->cups > $byMass) {
                $findings[$step->step->name] = self::smaller($plan, $step, $byMass, $cups);
            } elseif ($cups->heat->isDangerous() && $cups->heat->peakC > ($hottest[1]->heat->peakC ?? 0.0)) {
                $hottest = [$step, $cups];
            }
        }
        if ($hottest !== null) {
            [$step, $cups] = $hottest;
            $cool = self::coolCups($plan, $step, $cups->cups);
            [$in, $holds] = self::holds($step, $cups);
            $findings['hot'] = new Finding(
                Severity::Note,
                ($cool === null ? 'mix.hot_tray' : 'mix.hot').$in,
                ['coat' => $step->step->name] + $holds + ['peak' => $cups->heat->peakC, 'cups' => $cool ?? 1],
            );
        }

        return array_values($findings);
    }

    /**
     * The cups that a coat is mixed in at an air; null where no number of them is spread in time.
     *
     * @param Resin|null $of another than the plan's
     */
    public static function cups(
        FinishPlan $plan,
        PlannedStep $step,
        ?float $airC = null,
        int $hands = 1,
        float $diameterMm = CupHeat::SHEET_CUP_MM,
        ?Resin $of = null,
    ): ?Cups {
        return self::cupsOf(
            $of ?? $plan->materials->resinFor($step->step),
            $step->batch?->totalG() ?? 0.1,
            self::strokeGM2($step),
            $plan->shop,
            $airC ?? $plan->shop->workingAirC,
            $hands,
            $diameterMm,
        );
    }

    /** What hands spread at once, g/m²: of several plies the resin of one. */
    private static function strokeGM2(PlannedStep $step): float
    {
        return max(1.0, ($step->laidGM2 ?? 1.0) / max(1, $step->step->role === Role::Lift ? $step->step->args['plies'] : 1));
    }

    /** The same of any resin and weight. */
    public static function cupsOf(
        Resin $resin,
        float $grams,
        float $gM2,
        Workshop $shop,
        float $airC,
        int $hands = 1,
        float $diameterMm = CupHeat::SHEET_CUP_MM,
    ): ?Cups {
        $cups = Cups::fewest(
            $resin->cupHeat(),
            max(0.1, min(20000.0, $grams)),
            max(1.0, $gM2),
            1.0 / $shop->pace->coatPerM2,
            $hands,
            $shop->pace->mixMin,
            Temperature::fromCelsius($airC),
            $resin->potMassG,
            $diameterMm,
        );

        // The sheet's mass may ask for more; but nobody mixes a thimble at a time.
        return $cups === null || $cups->cups > max(self::MOST_CUPS, $resin->cupsFor($grams)) ? null : $cups;
    }

    /** So many cups of a coat, by one pair of hands in the shop's working air, in time or not. */
    private static function inCups(FinishPlan $plan, PlannedStep $step, int $cups): Cups
    {
        return Cups::of(
            $cups,
            $plan->materials->resinFor($step->step)->cupHeat(),
            $step->batch?->totalG() ?? 1.0,
            self::strokeGM2($step),
            1.0 / $plan->shop->pace->coatPerM2,
            1,
            $plan->shop->pace->mixMin,
            Temperature::fromCelsius($plan->shop->workingAirC),
        );
    }

    /** @return array{string, array<string, float>} what of its words says one cup, and how much that holds: weighed, or by its marks */
    private static function holds(PlannedStep $step, Cups $cups): array
    {
        $ratio = $step->batch?->ratio;

        return $ratio?->isInCup() === true ? ['_ml', ['ml' => $ratio->mixMl($cups->cupG)]] : ['', ['grams' => $cups->cupG]];
    }

    /** What would gel under the brush in as many cups as the sheet's mass asks for, and is spread in time in more. */
    private static function smaller(FinishPlan $plan, PlannedStep $step, int $byMass, Cups $cups): Finding
    {
        $whole = self::inCups($plan, $step, $byMass);

        [$in, $holds] = self::holds($step, $cups);

        return new Finding(Severity::Warn, "mix.smaller_cups{$in}", [
            'coat' => $step->step->name,
            'spread' => $whole->spreadMin,
            'pot' => $whole->heat->potLifeMin ?? CupHeat::HORIZON_MIN,
            'air' => $plan->shop->workingAirC,
            'cups' => $cups->cups,
            ...$holds,
        ]);
    }

    private static function cannot(FinishPlan $plan, PlannedStep $step): Finding
    {
        $resin = $plan->materials->resinFor($step->step);
        $airC = $plan->shop->workingAirC;
        $smallest = self::inCups($plan, $step, self::MOST_CUPS);
        $cooler = null;
        for ($c = floor($airC); $c >= max($resin->minC, $airC - self::COOLER_BY_C) && $cooler === null; $c--) {
            $cooler = self::cups($plan, $step, $c) === null ? null : $c;
        }

        return new Finding(Severity::Warn, match (true) {
            self::cups($plan, $step, hands: 2) !== null => 'mix.cannot_spread_alone',
            $cooler !== null => 'mix.cannot_spread_warm',
            default => 'mix.cannot_spread',
        }, [
            'coat' => $step->step->name,
            'spread' => $smallest->spreadMin,
            'pot' => $smallest->heat->potLifeMin ?? CupHeat::HORIZON_MIN,
            'air' => $airC,
            'cooler' => $cooler ?? $airC,
        ]);
    }

    /** The fewest cups that stay under the danger when left; null where four are not enough. */
    private static function coolCups(FinishPlan $plan, PlannedStep $step, int $from): ?int
    {
        $heat = $plan->materials->resinFor($step->step)->cupHeat();
        for ($n = $from + 1; $n <= 4; $n++) {
            if (! $heat->batch(
                max(0.1, ($step->batch?->totalG() ?? 0.0) / $n),
                Temperature::fromCelsius($plan->shop->workingAirC),
            )->isDangerous()) {
                return $n;
            }
        }

        return null;
    }
}
