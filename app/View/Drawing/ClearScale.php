<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Plan\ClearPlan;

/** The clear from the resin up, µm to scale: its coats, what flatting and polish take off the top, what must stay. */
final readonly class ClearScale
{
    public const WIDTH = 300.0;
    public const HEIGHT = 210.0;
    private const TOP = 12.0;
    private const BOTTOM = 22.0;

    /**
     * @param list<array{y: float, height: float, n: int}>                                 $coats
     * @param list<array{y: float, height: float, what: string, um: float, wordsY: float}> $cuts
     * @param list<array{y: float, label: string}>                                         $ticks
     */
    private function __construct(
        public array $coats,
        public array $cuts,
        public array $ticks,
        public float $mustY,
        public float $leftY,
        public float $groundY,
    ) {
    }

    /** @param array{height: float} $coat */
    public static function hasRoom(array $coat): bool
    {
        return $coat['height'] > 13.0;
    }

    public static function of(ClearPlan $plan): self
    {
        $most = max($plan->dryUm, $plan->clear->finalUm) + 6.0;
        $scale = (self::HEIGHT - self::TOP - self::BOTTOM) / $most;
        $y = fn (float $um): float => round(self::HEIGHT - self::BOTTOM - $um * $scale, 1);
        $each = $plan->clear->sprayed->dryPerCoatUm();
        $coats = [];
        for ($n = 1; $n <= $plan->coats; $n++) {
            $coats[] = ['y' => $y($n * $each), 'height' => round($each * $scale, 1), 'n' => $n];
        }
        $level = $plan->dryUm;
        $cuts = [];
        foreach (array_filter(['flatting' => $plan->flatTakesUm, 'polish' => $plan->polish?->totalCutUm() ?? 0.0]) as $what => $um) {
            $height = max(1.5, round($um * $scale, 1));
            // The two thin ones lie upon each other: their words stand apart.
            $wordsY = $y($level) + min(10, $height / 2 + 4) + ($what === 'polish' ? 8 : 0);
            $cuts[] = ['y' => $y($level), 'height' => $height, 'what' => $what, 'um' => $um, 'wordsY' => $wordsY];
            $level -= $um;
        }
        $ticks = [];
        $every = $most > 120.0 ? 40.0 : 20.0;
        for ($um = 0.0; $um <= $most; $um += $every) {
            $ticks[] = ['y' => $y($um), 'label' => (string) round($um)];
        }

        return new self($coats, $cuts, $ticks, $y($plan->clear->finalUm), $y($plan->remainsUm()), $y(0.0));
    }
}
