<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/**
 * How a lamp's light falls over a whole face: the logarithm of block means fitted by a polynomial in x and y, of third degree
 * where there are blocks enough. It takes out what curves from one end to the other, before anything finer is looked at.
 */
final readonly class SlowLight
{
    private const DEGREE = 3;

    /** Blocks that lie off by more than so many median distances are a shadow's or a dot's, and tell nothing of the lamp. */
    private const OFF = 4.0;

    /**
     * @param list<array{int, int}> $terms powers of x and y
     * @param list<float>           $by    of each term
     */
    private function __construct(private array $terms, private array $by)
    {
    }

    /**
     * @param list<array{float, float, float}> $blocks middle x and y, as shares from −1 to 1, and mean brightness
     * @param int                              $fewest along the shorter side
     */
    public static function through(array $blocks, int $fewest): self
    {
        $degree = max(0, min(self::DEGREE, $fewest - 1));
        $terms = [];
        for ($n = 0; $n <= $degree; $n++) {
            for ($p = $n; $p >= 0; $p--) {
                $terms[] = [$p, $n - $p];
            }
        }
        $fit = self::fitted($terms, $blocks);
        $off = array_map(fn (array $b): float => abs(log(max(1.0, $b[2])) - $fit->log($b[0], $b[1])), $blocks);
        $sorted = $off;
        sort($sorted);
        $most = self::OFF * max(0.002, $sorted[intdiv(count($sorted), 2)]);
        $kept = array_values(array_filter($blocks, fn (int $i): bool => $off[$i] <= $most, ARRAY_FILTER_USE_KEY));

        return count($kept) < 2 * count($terms) ? $fit : self::fitted($terms, $kept);
    }

    /** Brightness there, where x and y run from −1 to 1. */
    public function at(float $x, float $y): float
    {
        return exp($this->log($x, $y));
    }

    private function log(float $x, float $y): float
    {
        $sum = 0.0;
        foreach ($this->terms as $i => [$p, $q]) {
            $sum += $this->by[$i] * $x ** $p * $y ** $q;
        }

        return $sum;
    }

    /**
     * Least squares by the normal equations, with pivots.
     *
     * @param list<array{int, int}>            $terms
     * @param list<array{float, float, float}> $blocks
     */
    private static function fitted(array $terms, array $blocks): self
    {
        $n = count($terms);
        $rows = array_fill(0, $n, array_fill(0, $n + 1, 0.0));
        foreach ($blocks as [$x, $y, $mean]) {
            $values = array_map(fn (array $t): float => $x ** $t[0] * $y ** $t[1], $terms);
            foreach ($values as $i => $a) {
                foreach ($values as $j => $b) {
                    $rows[$i][$j] += $a * $b;
                }
                $rows[$i][$n] += $a * log(max(1.0, $mean));
            }
        }
        for ($k = 0; $k < $n; $k++) {
            $pivot = $k;
            for ($i = $k + 1; $i < $n; $i++) {
                $pivot = abs($rows[$i][$k]) > abs($rows[$pivot][$k]) ? $i : $pivot;
            }
            [$rows[$k], $rows[$pivot]] = [$rows[$pivot], $rows[$k]];
            // A term that the blocks can't tell is none.
            $rows[$k][$k] = abs($rows[$k][$k]) < 1e-9 ? 1e9 : $rows[$k][$k];
            for ($i = $k + 1; $i < $n; $i++) {
                $share = $rows[$i][$k] / $rows[$k][$k];
                for ($j = $k; $j <= $n; $j++) {
                    $rows[$i][$j] -= $share * $rows[$k][$j];
                }
            }
        }
        $by = array_fill(0, $n, 0.0);
        for ($k = $n - 1; $k >= 0; $k--) {
            $rest = $rows[$k][$n];
            for ($j = $k + 1; $j < $n; $j++) {
                $rest -= $rows[$k][$j] * $by[$j];
            }
            $by[$k] = $rest / $rows[$k][$k];
        }

        return new self($terms, array_values($by));
    }
}
