<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Practice\Kit;
use OakGloss\Practice\Simulation;

/** The true film of a practice part by zone, µm over the crowns to scale: mean, and from the thinnest to the thickest place. */
final readonly class PracticeSection
{
    public const WIDTH = 420.0;
    public const HEIGHT = 250.0;
    private const TOP = 14.0;
    private const BOTTOM = 26.0;
    private const LEFT = 46.0;

    /**
     * @param list<array{
     *     name: string, x: float, width: float, meanY: float, leastY: float, mostY: float, least: float, mean: float,
     *     most: float,
     *     places: list<array{x: float, y: float, height: float, burnt: bool}>,
     * }> $zones
     * @param list<array{y: float, label: string}> $ticks
     */
    private function __construct(public array $zones, public array $ticks, public float $zeroY, public float $plyY)
    {
    }

    /** Each zone from its thinnest to its thickest place. */
    public function words(): string
    {
        return implode('; ', array_map(fn (array $zone): string => (string) __('practice.section_zone', [
            'name' => $zone['name'],
            'least' => round($zone['least']),
            'most' => round($zone['most']),
            'mean' => round($zone['mean']),
        ]), $this->zones));
    }

    public static function of(Simulation $part): self
    {
        $section = $part->part->section();
        $most = max(120.0, ...array_map(fn (array $f): float => $f[2], array_values($section))) + 15.0;
        $least = min(-70.0, ...array_map(fn (array $f): float => $f[0] - 10.0, array_values($section)));
        $scale = (self::HEIGHT - self::TOP - self::BOTTOM) / ($most - $least);
        $y = fn (float $um): float => round(self::TOP + ($most - $um) * $scale, 1);
        $width = (self::WIDTH - self::LEFT - 10.0) / count($section) - 12.0;
        $zones = [];
        foreach (array_keys($section) as $i => $name) {
            [$thin, $mean, $thick] = $section[$name];
            $x = self::LEFT + $i * ($width + 12.0);
            $cells = $part->patch($name)->cells;
            $places = [];
            foreach ($cells as $k => $cell) {
                $top = $y($cell['filmUm']);
                $places[] = [
                    'x' => round($x + $k * $width / count($cells), 2),
                    'y' => min($top, $y(0.0)),
                    'height' => abs($y(0.0) - $top),
                    'burnt' => $cell['burnt'],
                ];
            }
            $zones[] = [
                'name' => $name,
                'x' => round($x, 1),
                'width' => round($width, 1),
                'meanY' => $y($mean),
                'leastY' => $y($thin),
                'mostY' => $y($thick),
                'least' => $thin,
                'mean' => $mean,
                'most' => $thick,
                'places' => $places,
            ];
        }
        $ticks = [];
        for ($um = -100.0; $um < $most; $um += $most > 350.0 ? 100.0 : 50.0) {
            if ($um >= $least) {
                $ticks[] = ['y' => $y($um), 'label' => ($um > 0 ? '+' : '').round($um)];
            }
        }

        return new self($zones, $ticks, $y(0.0), $y(max($least, -Kit::weave()->textureUm())));
    }
}
