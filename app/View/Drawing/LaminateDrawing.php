<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Plan\LaminatePlan;

/**
 * The section through a laminate: every ply with its resin, height to scale in µm from the plate up, width schematic.
 *
 * @phpstan-type Stratum array{
 *     n: int, um: float, fibre: float, y: float, height: float, towY: float, towHeight: float, isDone: bool, role: string,
 * }
 */
final readonly class LaminateDrawing
{
    public const WIDTH = 620.0;
    public const HEIGHT = 300.0;
    private const LEFT = 64.0;
    private const TOP = 14.0;
    private const BOTTOM = 30.0;

    /**
     * @param list<Stratum>                        $plies
     * @param list<array{y: float, label: string}> $ticks
     */
    private function __construct(
        public string $of,
        public string $on,
        public array $plies,
        public array $ticks,
        public float $thicknessUm,
        public float $plateY,
        public float $left,
        public float $width,
    ) {
    }

    public static function of(LaminatePlan $plan): self
    {
        $thickness = $plan->laminate->thicknessUm();
        $scale = (self::HEIGHT - self::TOP - self::BOTTOM) / max(1.0, $thickness);
        $bottom = self::HEIGHT - self::BOTTOM;
        $y = fn (float $um): float => round($bottom - $um * $scale, 2);
        [$plies, $under] = [[], 0.0];
        foreach ($plan->laminate->plies as $i => ['um' => $um, 'fibreShare' => $fibre]) {
            // Half of a ply's resin lies over its fibre, half under it.
            $plies[] = [
                'n' => $i + 1, 'um' => $um, 'fibre' => $fibre,
                'y' => $y($under + $um), 'height' => round($um * $scale, 2),
                'towY' => $y($under + 0.5 * $um * (1.0 + $fibre)), 'towHeight' => round($fibre * $um * $scale, 2),
                'isDone' => $i < $plan->done,
                'role' => $plan->roles[$i],
            ];
            $under += $um;
        }
        $ticks = [];
        $every = $thickness > 3000.0 ? 1000.0 : ($thickness > 1500.0 ? 500.0 : ($thickness > 600.0 ? 200.0 : 100.0));
        for ($um = 0.0; $um <= $thickness; $um += $every) {
            $ticks[] = ['y' => $y($um), 'label' => (string) round($um)];
        }

        return new self($plan->of, $plan->on, $plies, $ticks, $thickness, $bottom, self::LEFT, self::WIDTH - self::LEFT - 8.0);
    }
}
