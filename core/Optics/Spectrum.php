<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** Squared amplitudes of a square piece by its frequencies: fast Fourier transform (Cooley & Tukey 1965) under a Hann window. */
final readonly class Spectrum
{
    /** @param array<int, float> $power by frequency, row by row: a cosine of amplitude A on a bin has A² there */
    private function __construct(public int $n, public array $power)
    {
    }

    /**
     * Mean over some pieces of an image.
     *
     * @param int                   $n     a power of two
     * @param list<array{int, int}> $tiles left and top of each
     */
    public static function of(GrayImage $image, int $n, array $tiles): self
    {
        $window = self::hann($n);
        $norm = 2.0 / array_sum($window) ** 2;
        $power = array_fill(0, $n * $n, 0.0);
        foreach ($tiles as [$left, $top]) {
            [$re, $im] = self::transformed($image, $n, $left, $top, $window);
            for ($i = 0, $all = $n * $n; $i < $all; $i++) {
                $power[$i] += ($re[$i] ** 2 + $im[$i] ** 2) * $norm ** 2;
            }
        }
        $count = max(1, count($tiles));

        return new self($n, array_map(fn (float $p): float => $p / $count, $power));
    }

    /** @return list<float> */
    public static function hann(int $n): array
    {
        return array_map(fn (int $i): float => 0.5 - 0.5 * cos(2.0 * M_PI * ($i + 0.5) / $n), range(0, $n - 1));
    }

    /**
     * Rows, then columns.
     *
     * @param list<float> $window
     *
     * @return array{array<int, float>, array<int, float>}
     */
    private static function transformed(GrayImage $image, int $n, int $left, int $top, array $window): array
    {
        [$re, $im] = [[], []];
        for ($y = 0; $y < $n; $y++) {
            $row = array_slice($image->v, ($top + $y) * $image->width + $left, $n);
            $weight = $window[$y];
            foreach ($row as $x => $value) {
                $row[$x] = $value * $weight * $window[$x];
            }
            [$r, $i] = self::line($row, array_fill(0, $n, 0.0));
            for ($x = 0; $x < $n; $x++) {
                $re[$y * $n + $x] = $r[$x];
                $im[$y * $n + $x] = $i[$x];
            }
        }
        for ($x = 0; $x < $n; $x++) {
            [$r, $i] = [[], []];
            for ($y = 0; $y < $n; $y++) {
                $r[] = $re[$y * $n + $x];
                $i[] = $im[$y * $n + $x];
            }
            [$r, $i] = self::line($r, $i);
            for ($y = 0; $y < $n; $y++) {
                $re[$y * $n + $x] = $r[$y];
                $im[$y * $n + $x] = $i[$y];
            }
        }

        return [$re, $im];
    }

    /**
     * @param list<float> $re
     * @param list<float> $im
     *
     * @return array{array<int, float>, array<int, float>}
     */
    private static function line(array $re, array $im): array
    {
        $n = count($re);
        for ($i = 1, $j = 0; $i < $n; $i++) {
            for ($bit = $n >> 1; ($j & $bit) !== 0; $bit >>= 1) {
                $j ^= $bit;
            }
            $j |= $bit;
            if ($i < $j) {
                [$re[$i], $re[$j], $im[$i], $im[$j]] = [$re[$j], $re[$i], $im[$j], $im[$i]];
            }
        }
        for ($half = 1; $half < $n; $half <<= 1) {
            $step = M_PI / $half;
            for ($k = 0; $k < $half; $k++) {
                $c = cos($step * $k);
                $s = -sin($step * $k);
                for ($i = $k; $i < $n; $i += $half << 1) {
                    $o = $i + $half;
                    $r = $c * $re[$o] - $s * $im[$o];
                    $m = $c * $im[$o] + $s * $re[$o];
                    $re[$o] = $re[$i] - $r;
                    $im[$o] = $im[$i] - $m;
                    $re[$i] += $r;
                    $im[$i] += $m;
                }
            }
        }

        return [$re, $im];
    }
}
