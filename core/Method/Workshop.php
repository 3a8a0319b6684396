<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Tool;
use OakGloss\Cloth\LeakCheck;
use OakGloss\Mixing\CupLoss;
use OakGloss\Mixing\CupLosses;
use OakGloss\Mixing\Spreader;
use OakGloss\Quantity\Bounds;

/** The shop's own numbers. */
final readonly class Workshop
{
    /** One per cent of a square metre is a hand's breadth sanded through. */
    public const TARGET_BURN_THROUGH = 0.001;

    /** A wiped hard surface is good for an hour: after that dust and breath have been there. */
    public const WIPE_HOLDS_MIN = 60.0;

    /** Of a day whose hours nobody told, min. */
    public const SESSION_MIN = 540.0;

    /**
     * @param float             $workingAirC       mean air while hands are at the bench, for coats that are still ahead
     * @param float             $cupLossG          stays in cup and brush, a coat
     * @param float             $scaleStepG        what the scale can tell apart
     * @param float             $targetBurnThrough share of a show zone that may be burnt through
     * @param float             $partScaleStepG    what the scale for whole parts can tell apart
     * @param float             $hottestC          of the warmest thing that a cured part can be held in
     * @param float             $leakMbar          a bag may lose in ten minutes
     * @param CupLosses         $losses            what was left in cups, measured
     * @param list<ShopNumbers> $earlier           numbers that stood before, rising in time
     * @param list<Tool>|null   $tools             that it has; null where it has whatever is wanted
     * @param int               $people            pairs of hands
     * @param float             $sessionMin        the longest that hands are at the bench in one go
     * @param float             $wipeHoldsMin      a wiped hard surface is good for so long, 5 to 240
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public float $workingAirC,
        public float $cupLossG = 8.0,
        public float $scaleStepG = 0.1,
        public float $targetBurnThrough = self::TARGET_BURN_THROUGH,
        public Pace $pace = new Pace(),
        public CoatWeights $weights = new CoatWeights(),
        public float $partScaleStepG = 1.0,
        public array $earlier = [],
        public float $hottestC = 45.0,
        public float $leakMbar = LeakCheck::LIMIT_MBAR,
        public CupLosses $losses = new CupLosses(),
        public float $wipeHoldsMin = self::WIPE_HOLDS_MIN,
        public float $sessionMin = self::SESSION_MIN,
        public ?array $tools = null,
        public int $people = 2,
    ) {
        Bounds::within($workingAirC, -40.0, 80.0, 'working air', '°C');
        Bounds::within($cupLossG, 0.0, 200.0, 'left in cup and brush', 'g');
        Bounds::within($scaleStepG, 0.001, 10.0, 'step of the scale', 'g');
        Bounds::within($partScaleStepG, 0.01, 100.0, 'step of the part scale', 'g');
        Bounds::within($wipeHoldsMin, 5.0, 240.0, 'how long a wipe is good for', 'min');
        Bounds::within($targetBurnThrough, 0.00001, 0.5, 'burn-through target', '');
    }

    public function has(Tool ...$tools): bool
    {
        return $this->tools === null || array_filter($tools, fn (Tool $t): bool => ! in_array($t, $this->tools, true)) === [];
    }

    /**
     * What stays in cup and tool of a coat that was done then, by what was known then; of one that is ahead with null.
     *
     * @param float $cupG what the cup holds
     */
    public function cupLoss(?float $minute, float $cupG, Spreader $tool = Spreader::Brush): CupLoss
    {
        return $this->losses->of($this->stoodAt($minute)->cupLossG ?? $this->cupLossG, $cupG, $tool, $minute);
    }

    /**
     * What is saved where coats share one cup: cup and tool keep back once.
     *
     * @param list<float> $cupsG each by itself, what stays back included
     */
    public function sharedSavesG(array $cupsG): float
    {
        $apart = array_sum(array_map(fn (float $g): float => $this->cupLoss(null, $g)->grams, $cupsG));

        return max(0.0, $apart - $this->cupLoss(null, (float) array_sum($cupsG))->grams);
    }

    /** Step of the scale that weighed then, g; of one that will with null. */
    public function scaleStepAt(?float $minute): float
    {
        return $this->stoodAt($minute)->scaleStepG ?? $this->scaleStepG;
    }

    /** Step of the scale on which a part lay then, g. */
    public function partScaleStepAt(float $minute): float
    {
        return $this->stoodAt($minute)->partScaleStepG ?? $this->partScaleStepG;
    }

    /** @return list<int>|null P numbers that the shelf had then for one way of driving; null for those that it has */
    public function papersAt(?float $minute, SandingMethod $driven): ?array
    {
        return $this->stoodAt($minute)->papersBy[$driven->value] ?? null;
    }

    private function stoodAt(?float $minute): ?ShopNumbers
    {
        foreach ($minute === null ? [] : $this->earlier as $numbers) {
            if ($minute < $numbers->untilMin) {
                return $numbers;
            }
        }

        return null;
    }
}
