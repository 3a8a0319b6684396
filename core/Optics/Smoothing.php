<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** Smoothing of a grid by a bell; beyond its edges it goes on as it fell. */
final class Smoothing
{
    /**
     * @param list<float> $v     row by row
     * @param float       $sigma of the bell, cells
     *
     * @return list<float>
     */
    public static function over(array $v, int $nx, int $ny, float $sigma): array
    {
        $reach = max(1, (int) ceil(3.0 * $sigma));
        $bell = [];
        for ($k = -$reach; $k <= $reach; $k++) {
            $bell[$k] = exp(-0.5 * ($k / $sigma) ** 2);
        }
        $sum = array_sum($bell);
        foreach ([[$nx, $ny, 1, $nx], [$ny, $nx, $nx, 1]] as [$along, $across, $step, $row]) {
            $out = $v;
            for ($j = 0; $j < $across; $j++) {
                for ($i = 0; $i < $along; $i++) {
                    $mean = 0.0;
                    foreach ($bell as $k => $weight) {
                        $at = $i + $k;
                        // Turned over at the edge, so that a slope stays a slope.
                        $edge = $at < 0 ? 0 : ($at >= $along ? $along - 1 : null);
                        $mean += $weight * ($edge === null
                            ? $v[$j * $row + $at * $step]
                            : 2.0 * $v[$j * $row + $edge * $step] - $v[$j * $row + max(0, min($along - 1, 2 * $edge - $at)) * $step]);
                    }
                    $out[$j * $row + $i * $step] = $mean / $sum;
                }
            }
            $v = array_values($out);
        }

        return $v;
    }
}
