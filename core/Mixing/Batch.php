<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/**
 * One cup: resin, hardener and pigment, in grams. Pigment is a share of resin plus hardener; the total is all three.
 */
final readonly class Batch
{
    /** A ratio error over this is a warning: the usual tolerance of two-part resins. */
    public const TOLERANCE = 0.02;

    private function __construct(
        public MixRatio $ratio,
        public float $resinG,
        public float $hardenerG,
        public float $pigmentG,
        public ?int $drops = null,
    ) {
    }

    /**
     * @param float $totalG          0.1 to 100 000 g
     * @param float $pigmentFraction 0 to 0.5 of resin plus hardener
     *
     * @throws \OakGloss\Quantity\OutOfRange If either is out of range.
     */
    public static function of(float $totalG, MixRatio $ratio, float $pigmentFraction = 0.0): self
    {
        Bounds::within($totalG, 0.1, 100000.0, 'batch', 'g');
        Bounds::within($pigmentFraction, 0.0, 0.5, 'share of pigment', '');
        $both = $totalG / (1.0 + $pigmentFraction);
        $resin = $both / (1.0 + $ratio->hardenerPerResin);

        return new self($ratio, $resin, $both - $resin, $totalG - $both);
    }

    /**
     * A batch whose catalyst goes in by whole drops, for air of this warmth: the resin on the scale's step, one drop at
     * least. In air that its sheet does not reach it is reckoned by the nearest row, and refused elsewhere.
     *
     * @throws \OakGloss\Quantity\OutOfRange If the batch is out of range.
     */
    public static function catalysed(
        float $totalG,
        Catalyst $catalyst,
        Temperature $air,
        float $scaleStepG,
        float $pigmentFraction = 0.0,
    ): self {
        Bounds::within($totalG, 0.1, 100000.0, 'batch', 'g');
        $percent = $catalyst->nearestPercent($air);
        $resin = $totalG / (1.0 + $pigmentFraction) / (1.0 + $percent / 100.0);
        $resin = max(1.0, ceil($resin / $scaleStepG - 1e-6)) * $scaleStepG;
        $drops = $catalyst->dropsFor($resin, $percent);
        $grams = $drops * $catalyst->dropG();

        return new self(MixRatio::byWeight(100.0 * $grams / $resin), $resin, $grams, ($resin + $grams) * $pigmentFraction, $drops);
    }

    /** A batch is made this much larger at most so that a scale can weigh it (ours). */
    private const ROUNDED_UP_BY = 0.15;

    /**
     * A batch of at least so much whose parts lie on the scale's steps: the smallest from there on that keeps the ratio
     * within the tolerance, where one does within 15 %; else just what is wanted.
     */
    public static function weighable(float $totalG, MixRatio $ratio, float $scaleStepG, float $pigmentFraction = 0.0): self
    {
        $wanted = self::of($totalG, $ratio, $pigmentFraction);
        if ($ratio->isInCup()) {
            return $wanted;
        }
        $most = (1.0 + self::ROUNDED_UP_BY) * $wanted->resinG;
        for ($resin = ceil($wanted->resinG / $scaleStepG - 1e-6) * $scaleStepG; $resin <= $most; $resin += $scaleStepG) {
            $hardener = round($resin * $ratio->hardenerPerResin / $scaleStepG) * $scaleStepG;
            $off = fn (float $h): float => abs($h / $resin / $ratio->hardenerPerResin - 1.0);
            if (max($off($hardener + 0.5 * $scaleStepG), $off($hardener - 0.5 * $scaleStepG)) <= self::TOLERANCE) {
                return new self($ratio, $resin, $hardener, ($resin + $hardener) * $pigmentFraction);
            }
        }

        return $wanted;
    }

    public function totalG(): float
    {
        return $this->resinG + $this->hardenerG + $this->pigmentG;
    }

    /**
     * The worst error of the ratio that a scale of this step allows: both weights rounded half up to the step,
     * the hardener half a step heavy or light, judged against the resin that the scale shows. INF if it shows none.
     *
     * @throws \OakGloss\Quantity\OutOfRange If the step is not from 0.001 to 1 000 g.
     */
    public function worstRatioError(float $scaleStepG): float
    {
        Bounds::within($scaleStepG, 0.001, 1000.0, 'step of the scale', 'g');
        $resin = floor($this->resinG / $scaleStepG + 0.5) * $scaleStepG;
        $hardener = floor($this->hardenerG / $scaleStepG + 0.5) * $scaleStepG;
        if ($resin <= 0.0) {
            return INF;
        }
        $error = fn (float $h): float => abs($h / $resin / $this->ratio->hardenerPerResin - 1.0);

        return max($error($hardener + 0.5 * $scaleStepG), $error($hardener - 0.5 * $scaleStepG));
    }

    /**
     * The smallest batch, in whole steps of the scale, from which on every larger one up to twice its size keeps
     * the ratio within the tolerance; null if there is none up to 100 kg.
     */
    public static function smallestWithin(MixRatio $ratio, float $scaleStepG, float $pigmentFraction = 0.0): ?float
    {
        // Hardener off by a step and resin off by half of one bound the error: beyond this nothing can fail.
        $h = $ratio->hardenerPerResin;
        $resin = $scaleStepG * (1.0 / $h + 0.5 * (1.0 + self::TOLERANCE)) / self::TOLERANCE;
        $safe = ceil($resin * (1.0 + $h) * (1.0 + $pigmentFraction) / $scaleStepG) * $scaleStepG;
        if ($safe > 100000.0) {
            return null;
        }
        $smallest = $safe;
        for ($total = $safe; $total >= max(0.1, $scaleStepG); $total -= $scaleStepG) {
            if (self::of($total, $ratio, $pigmentFraction)->worstRatioError($scaleStepG) > self::TOLERANCE) {
                break;
            }
            $smallest = $total;
        }

        return $smallest;
    }
}
