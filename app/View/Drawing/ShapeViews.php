<?php

declare(strict_types=1);

namespace App\View\Drawing;

/**
 * The outlines of a shape, in its own unit, and what is measured on them from where to where.
 *
 * @phpstan-type View array{
 *     lines: list<array{string, list<array{float, float}>}>,
 *     sizes: list<array{string, array{float, float}, array{float, float}, string}>,
 * }
 */
final class ShapeViews
{
    private const ARC_STEPS = 24;

    /**
     * Views of a shape beside each other, in its own unit, y down: outlines, and what is measured from where to where.
     *
     * @param array<string, float> $s
     *
     * @return list<View>
     */
    public static function of(string $shape, array $s): array
    {
        $box = fn (float $x, float $y, float $w, float $h): array => [[$x, $y], [$x + $w, $y], [$x + $w, $y + $h], [$x, $y + $h], [$x, $y]];
        $rectangle = fn (string $along, string $across): array => [
            'lines' => [['shape-outline', $box(0.0, 0.0, $s[$along], $s[$across])]],
            'sizes' => [
                [$along, [0.0, $s[$across]], [$s[$along], $s[$across]], 'below'],
                [$across, [$s[$along], 0.0], [$s[$along], $s[$across]], 'right'],
            ],
        ];

        // A part lies in a corner of its sheet.
        [$x, $y] = [0.06 * ($s['length'] ?? 0.0), 0.08 * ($s['width'] ?? 0.0)];

        return match ($shape) {
            'panel' => [$rectangle('length', 'width')],
            'bent_panel' => self::bent($s, $box),
            'dome' => [self::dome($s)],
            'half_tube' => [self::tube($s), [
                'lines' => [['shape-outline', $box(0.0, 0.0, $s['length'], $s['tube_radius'])]],
                'sizes' => [['length', [0.0, $s['tube_radius']], [$s['length'], $s['tube_radius']], 'below']],
            ]],
            'box' => [$rectangle('length', 'width'), [
                'lines' => [['shape-outline', [[0.0, $s['height']], [0.0, 0.0], [$s['length'], 0.0], [$s['length'], $s['height']]]]],
                'sizes' => [['height', [$s['length'], 0.0], [$s['length'], $s['height']], 'right']],
            ]],
            'sheet' => [[
                'lines' => [
                    ['shape-outline', $box(0.0, 0.0, $s['length'], $s['width'])],
                    ['shape-part', $box($x, $y, $s['part_length'], $s['part_width'])],
                ],
                'sizes' => [
                    ['length', [0.0, $s['width']], [$s['length'], $s['width']], 'below'],
                    ['width', [$s['length'], 0.0], [$s['length'], $s['width']], 'right'],
                    ['part_length', [$x, $y + $s['part_width']], [$x + $s['part_length'], $y + $s['part_width']], 'below'],
                    ['part_width', [$x + $s['part_length'], $y], [$x + $s['part_length'], $y + $s['part_width']], 'right'],
                ],
            ]],
            'two_faces' => [[
                'lines' => [
                    ['shape-ground', $box(0.0, 0.0, $s['length'], $s['width'])],
                    ['shape-outline', self::filling($s['length'], $s['width'], $s['filled'])],
                ],
                'sizes' => [
                    ...$rectangle('length', 'width')['sizes'],
                    ['filled', [0.5 * $s['length'], 0.5 * $s['width']], [0.5 * $s['length'], 0.5 * $s['width']], 'at'],
                ],
            ]],
            default => [self::patch($s, $box)],
        };
    }

    /**
     * @param array<string, float> $s
     *
     * @return list<View>
     */
    private static function bent(array $s, \Closure $box): array
    {
        [$bend, $r] = [deg2rad($s['bend_deg']), min($s['bend_radius'], 0.45 * min($s['top'], $s['flank']))];
        $section = [[0.0, 0.0], [$s['top'], 0.0]];
        for ($i = 1; $i <= self::ARC_STEPS; $i++) {
            $a = $bend * $i / self::ARC_STEPS;
            $section[] = [$s['top'] + $r * sin($a), $r * (1.0 - cos($a))];
        }
        [$x, $y] = $section[count($section) - 1];
        $section[] = $end = [$x + $s['flank'] * cos($bend), $y + $s['flank'] * sin($bend)];

        return [
            ['lines' => [['shape-line', $section]], 'sizes' => [
                ['top', [0.0, 0.0], [$s['top'], 0.0], 'above'],
                ['flank', [$x, $y], $end, 'right'],
                ['bend_deg', [$s['top'], $y], [$s['top'], $y], 'under'],
                ['bend_radius', [$x, 0.0], [$x, 0.0], 'over'],
            ]],
            // Seen from in front of the flank: its length, with the top behind it.
            ['lines' => [
                ['shape-outline', $box(0.0, 0.0, $s['length'], $s['top'])],
                ['shape-outline', $box(0.0, $s['top'], $s['length'], max(1e-6, $end[1]))],
            ], 'sizes' => [['length', [0.0, $s['top'] + $end[1]], [$s['length'], $s['top'] + $end[1]], 'below']]],
        ];
    }

    /**
     * @param array<string, float> $s
     *
     * @return View
     */
    private static function dome(array $s): array
    {
        [$half, $height] = [0.5 * $s['diameter'], min($s['height'], 0.5 * $s['diameter'])];
        $sphere = ($half ** 2 + $height ** 2) / (2.0 * $height);
        $steepest = acos(max(-1.0, 1.0 - $height / $sphere));
        $cap = [];
        for ($i = -self::ARC_STEPS; $i <= self::ARC_STEPS; $i++) {
            $a = $steepest * $i / self::ARC_STEPS;
            $cap[] = [$half + $sphere * sin($a), $sphere * (1.0 - cos($a))];
        }

        return ['lines' => [['shape-outline', [...$cap, $cap[0]]]], 'sizes' => [
            ['diameter', [0.0, $height], [$s['diameter'], $height], 'below'],
            ['height', [$s['diameter'], 0.0], [$s['diameter'], $height], 'right'],
        ]];
    }

    /**
     * @param array<string, float> $s
     *
     * @return View
     */
    private static function tube(array $s): array
    {
        $r = $s['tube_radius'];
        $arc = [];
        for ($i = 0; $i <= 2 * self::ARC_STEPS; $i++) {
            $a = M_PI * $i / (2 * self::ARC_STEPS);
            $arc[] = [$r - $r * cos($a), $r - $r * sin($a)];
        }

        return ['lines' => [['shape-line', $arc]], 'sizes' => [['tube_radius', [$r, $r], [2.0 * $r, $r], 'below']]];
    }

    /**
     * @param array<string, float> $s
     *
     * @return View
     */
    private static function patch(array $s, \Closure $box): array
    {
        [$w, $h] = [max($s['whole_length'], $s['damage_length']), max($s['whole_width'], $s['damage_width'])];
        [$x, $y] = [0.5 * ($w - $s['damage_length']), 0.5 * ($h - $s['damage_width'])];
        [$a, $dl, $dw] = [$s['around'], $s['damage_length'], $s['damage_width']];

        return ['lines' => [
            ['shape-ground', $box(0.0, 0.0, $w, $h)],
            ['shape-outline', $box($x - $a, $y - $a, $dl + 2.0 * $a, $dw + 2.0 * $a)],
            ['shape-part', $box($x, $y, $dl, $dw)],
        ], 'sizes' => [
            ['damage_length', [$x, $y], [$x + $dl, $y], 'above'],
            ['damage_width', [$x, $y], [$x, $y + $dw], 'left'],
            ['around', [$x + $dl, $y + 0.5 * $dw], [$x + $dl + $a, $y + 0.5 * $dw], 'on'],
            ['whole_length', [0.0, $h], [$w, $h], 'below'],
            ['whole_width', [$w, 0.0], [$w, $h], 'right'],
        ]];
    }

    /**
     * A round shape that fills so much of its rectangle: between a square (100 %) and a rhombus (50 %) and thinner.
     *
     * @return list<array{float, float}>
     */
    private static function filling(float $length, float $width, float $percent): array
    {
        // Of |x|^n + |y|^n = 1 the area over that of its square; sought, for it has no short inverse.
        $share = min(0.999, max(0.1, $percent / 100.0));
        [$low, $high] = [0.2, 40.0];
        for ($i = 0; $i < 30; $i++) {
            $n = sqrt($low * $high);
            $area = 0.0;
            for ($k = 0; $k < 100; $k++) {
                $area += (1.0 - (($k + 0.5) / 100.0) ** $n) ** (1.0 / $n) / 100.0;
            }
            $area < $share ? $low = $n : $high = $n;
        }
        $points = [];
        for ($i = 0; $i <= 4 * self::ARC_STEPS; $i++) {
            $a = 2.0 * M_PI * $i / (4 * self::ARC_STEPS);
            $round = fn (float $v): float => ($v <=> 0.0) * abs($v) ** (2.0 / $n);
            $points[] = [0.5 * $length * (1.0 + $round(cos($a))), 0.5 * $width * (1.0 + $round(sin($a)))];
        }

        return $points;
    }
}
