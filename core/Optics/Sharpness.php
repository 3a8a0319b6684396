<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** Whether something in a photo's own pixels is sharper than four of them. */
final class Sharpness
{
    public const PIXELS = 4.0;

    /** Grain of a bell of that width is as like to its neighbour (ours: exp(−1/(4σ²)) at σ = 4/2.355). */
    private const NEIGHBOUR = 0.917;

    /** Under this there is no grain but the steps of brightness themselves, levels². */
    private const STEPS = 0.2;

    /** By how like each pixel is to its neighbour, once what is wider than nine pixels is taken out. */
    public static function ofGrain(GrayImage $piece): bool
    {
        [$w, $h, $v] = [$piece->width, $piece->height, $piece->v];
        $fine = [];
        for ($y = 4; $y < $h - 4; $y += 3) {
            $row = $y * $w;
            for ($x = 8; $x < $w - 9; $x++) {
                // A mean along the row: a weave is smooth over so little.
                $fine[] = [
                    $v[$row + $x] - 0.25 * ($v[$row + $x - 8] + $v[$row + $x - 7] + $v[$row + $x + 7] + $v[$row + $x + 8]),
                    $v[$row + $x + 1] - 0.25 * ($v[$row + $x - 7] + $v[$row + $x - 6] + $v[$row + $x + 8] + $v[$row + $x + 9]),
                    $v[$row + $x] - $v[$row + $x + 1],
                ];
            }
        }
        if ($fine === []) {
            return false;
        }
        $all = array_column($fine, 0);
        $mean = array_sum($all) / count($all);
        $var = array_sum(array_map(fn (float $f): float => ($f - $mean) ** 2, $all)) / count($all) / 1.25;
        // Half of the squared difference of neighbours is what is not alike in them.
        $apart = 0.5 * array_sum(array_map(fn (array $f): float => $f[2] ** 2, $fine)) / count($fine);

        return $apart > 0.5 * self::STEPS && $var > self::STEPS && $apart / $var > 1.0 - self::NEIGHBOUR;
    }

    /** By how many pixels its edge takes. */
    public static function ofDot(GrayImage $piece): bool
    {
        [$w, $h, $v] = [$piece->width, $piece->height, $piece->v];
        $sorted = $v;
        sort($sorted);
        $ground = $sorted[intdiv(count($sorted), 2)];
        $height = max($sorted[count($sorted) - 1] - $ground, $ground - $sorted[0]);
        $steepest = 0.0;
        for ($y = 0; $y < $h; $y++) {
            for ($x = 1; $x < $w - 1; $x++) {
                $steepest = max($steepest, 0.5 * abs($v[$y * $w + $x + 1] - $v[$y * $w + $x - 1]));
            }
        }

        return $steepest > 2.0 && $height / $steepest < self::PIXELS;
    }
}
