<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Planning\Shapes;

/**
 * A shape with the lines that are measured on it, each with its letter: to scale as far as its sizes are typed, and in
 * usual proportions where they are not. Nobody has to ask what *top* is.
 *
 * @phpstan-import-type View from ShapeViews
 */
final readonly class ShapeDrawing
{
    public const WIDTH = 560.0;
    public const HEIGHT = 216.0;
    private const PAD = 34.0;
    private const GAP = 70.0;
    /** A measured line lies so far outside what it measures. */
    private const OFF = 13.0;
    /** Side of the little box with the rounded edge, enlarged. */
    private const EDGE = 74.0;

    /** Sizes that a shape is drawn with until they are typed, mm and degrees. */
    private const USUAL = [
        'panel' => ['length' => 420, 'width' => 300, 'edge_radius' => 3],
        'bent_panel' => ['length' => 360, 'top' => 180, 'flank' => 110, 'bend_deg' => 58, 'bend_radius' => 16, 'edge_radius' => 3],
        'dome' => ['diameter' => 300, 'height' => 90, 'edge_radius' => 3],
        'half_tube' => ['length' => 420, 'tube_radius' => 90, 'edge_radius' => 3],
        'box' => ['length' => 320, 'width' => 220, 'height' => 90, 'edge_radius' => 3],
        'sheet' => ['length' => 500, 'width' => 400, 'part_length' => 120, 'part_width' => 80],
        'two_faces' => ['length' => 620, 'width' => 180, 'filled' => 70, 'edge_radius' => 3],
        'patch' => ['damage_length' => 60, 'damage_width' => 40, 'around' => 40, 'whole_length' => 360, 'whole_width' => 260],
        'faces' => [],
    ];

    /**
     * @param list<array{d: string, class: string}>                                                                  $paths
     * @param list<array{size: string, letter: string, d: string, x: float, y: float, anchor: string, says: string}> $lines
     */
    private function __construct(public array $paths, public array $lines)
    {
    }

    /** `a` of the first size of a shape, `b` of the second. */
    public static function letter(string $shape, string $size): string
    {
        $place = array_search($size, Shapes::SIZES[$shape] ?? [], true);

        return is_int($place) ? chr(ord('a') + $place) : '';
    }

    /** @param array<array-key, mixed> $typed sizes as they are typed so far */
    public static function of(string $shape, array $typed): ?self
    {
        $usual = self::USUAL[$shape] ?? [];
        if ($usual === []) {
            return null;
        }
        $known = array_filter(array_map(
            fn (mixed $v): float => is_scalar($v) && is_numeric($v = str_replace(',', '.', trim((string) $v))) ? min(1e5, (float) $v) : 0.0,
            array_intersect_key($typed, $usual),
        ), fn (float $v): bool => $v > 0.0);
        $sizes = $known + self::scaled($usual, $known);
        $sizes['bend_deg'] = min(90.0, max(5.0, $sizes['bend_deg'] ?? 5.0));
        // Without its unit, which stands at the field: letters of two views must not meet.
        $says = fn (string $size): string => self::letter($shape, $size)
            .(isset($known[$size]) ? ' '.rtrim(rtrim(number_format($known[$size], 1, '.', ''), '0'), '.').match (true) {
                str_ends_with($size, '_deg') => '°', $size === 'filled' => ' %', default => '',
            } : '');

        return self::drawn(ShapeViews::of($shape, $sizes), isset($usual['edge_radius']), $shape, $says);
    }

    /**
     * What is not typed follows what is, by the usual proportions.
     *
     * @param array<string, int|float> $usual
     * @param array<string, float>     $known
     *
     * @return array<string, float>
     */
    private static function scaled(array $usual, array $known): array
    {
        $shares = [];
        foreach ($known as $size => $value) {
            if (! in_array($size, ['bend_deg', 'filled', 'bend_radius', 'edge_radius'], true)) {
                $shares[] = $value / $usual[$size];
            }
        }
        $by = $shares === [] ? 1.0 : array_sum($shares) / count($shares);

        $of = fn (string $size): float => in_array($size, ['bend_deg', 'filled'], true) ? (float) $usual[$size] : $usual[$size] * $by;

        return array_combine(array_keys($usual), array_map($of, array_keys($usual)));
    }

    /**
     * @param list<View> $views
     */
    private static function drawn(array $views, bool $hasEdge, string $shape, \Closure $says): self
    {
        $boxes = array_map(function (array $view): array {
            $points = array_merge(...array_map(fn (array $line): array => $line[1], $view['lines']));
            [$x, $y] = [array_column($points, 0), array_column($points, 1)];

            return [min(INF, ...$x), min(INF, ...$y), max(-INF, ...$x) - min(INF, ...$x), max(-INF, ...$y) - min(INF, ...$y)];
        }, $views);
        $width = self::WIDTH - 2.0 * self::PAD - self::GAP * count($views) - ($hasEdge ? self::EDGE : 0.0);
        $scale = min(
            $width / max(1e-6, array_sum(array_column($boxes, 2))),
            (self::HEIGHT - 2.0 * self::PAD) / max(1e-6, ...array_column($boxes, 3)),
        );
        [$paths, $lines, $left] = [[], [], self::PAD];
        foreach ($views as $n => $view) {
            [$x0, $y0, $w, $h] = $boxes[$n];
            $top = 0.5 * (self::HEIGHT - $scale * $h);
            $at = fn (array $p): array => [round($left + $scale * ($p[0] - $x0), 1), round($top + $scale * ($p[1] - $y0), 1)];
            foreach ($view['lines'] as [$class, $points]) {
                $paths[] = ['class' => $class, 'd' => 'M'.implode('L', array_map(fn (array $p): string => implode(' ', $at($p)), $points))];
            }
            foreach ($view['sizes'] as [$size, $from, $to, $side]) {
                $lines[] = ['size' => $size, 'letter' => self::letter($shape, $size), 'says' => $says($size)]
                    + self::measure($at($from), $at($to), $side);
            }
            $left += $scale * $w + self::GAP;
        }
        if ($hasEdge) {
            [$x, $y] = [self::WIDTH - self::EDGE - 8.0, 0.5 * (self::HEIGHT - self::EDGE)];
            $paths[] = ['class' => 'shape-line', 'd' => "M{$x} {$y}h34a24 24 0 0 1 24 24v34"];
            $lines[] = ['size' => 'edge_radius', 'letter' => self::letter($shape, 'edge_radius'), 'says' => $says('edge_radius'),
                'd' => 'M'.($x + 34).' '.($y + 24).'l17 -17', 'x' => $x + 4.0, 'y' => $y + 44.0, 'anchor' => 'start'];
        }

        return new self($paths, $lines);
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     *
     * @return array{d: string, x: float, y: float, anchor: string}
     */
    private static function measure(array $from, array $to, string $side): array
    {
        [$dx, $dy] = match ($side) {
            'below' => [0.0, self::OFF], 'above' => [0.0, -self::OFF], 'right' => [self::OFF, 0.0], 'left' => [-self::OFF, 0.0],
            default => [0.0, 0.0],
        };
        [$x1, $y1, $x2, $y2] = [$from[0] + $dx, $from[1] + $dy, $to[0] + $dx, $to[1] + $dy];
        [$x, $y, $anchor] = match ($side) {
            'below' => [0.5 * ($x1 + $x2), max($y1, $y2) + 16.0, 'middle'],
            'above' => [0.5 * ($x1 + $x2), min($y1, $y2) - 6.0, 'middle'],
            'right' => [max($x1, $x2) + 6.0 - 0.5 * abs($x1 - $x2), 0.5 * ($y1 + $y2) + 5.0, 'start'],
            'left' => [min($x1, $x2) - 6.0, 0.5 * ($y1 + $y2) + 5.0, 'end'],
            'under' => [$x1 - 4.0, $y1 + 18.0, 'end'],
            'over' => [$x1 + 8.0, $y1 - 8.0, 'start'],
            'on' => [0.5 * ($x1 + $x2), $y1 + 18.0, 'middle'],
            default => [$x1, $y1 + 5.0, 'middle'],
        };

        return ['d' => $from === $to ? '' : "M{$x1} {$y1}L{$x2} {$y2}", 'x' => round($x, 1), 'y' => round($y, 1), 'anchor' => $anchor];
    }
}
