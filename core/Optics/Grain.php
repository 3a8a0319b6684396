<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** What is left of a flattened image once its weave is taken out: fine grain, and dots that stand out of it. */
final class Grain
{
    /** A dot stands out by so many deviations. */
    public const STANDS_OUT = 5.0;

    /** Fewer pixels are a speck of the sensor. */
    private const LEAST_PIXELS = 3;

    /** A dot reaches as far as half of its height; what is larger than this share of the image is light or shade. */
    private const HALF = 0.5;
    private const MOST_SHARE = 0.05;

    /** @var list<array{x: float, y: float, pixels: int, height: float}> */
    public array $dots = [];

    /** @var array<int, bool> by pixel whether it is of a dot or an edge */
    private array $isOut;

    /**
     * @param GrayImage        $image flattened
     * @param array<int, bool> $edge  left out
     */
    public function __construct(private readonly GrayImage $image, array $edge)
    {
        $this->isOut = $edge;
    }

    /**
     * The lines of the weave and their first overtones, fitted piece by piece and subtracted.
     *
     * @param list<array{float, float}> $lines cycles a pixel
     */
    public function withoutLines(array $lines, float $pitch): self
    {
        $size = max(16, (int) round(6.0 * $pitch));
        $all = [];
        foreach ($lines as [$fx, $fy]) {
            $all = [...$all, [$fx, $fy], [2.0 * $fx, 2.0 * $fy]];
        }
        for ($top = 0; $top < $this->image->height; $top += $size) {
            $bottom = $this->image->height - $top < 1.5 * $size ? $this->image->height : $top + $size;
            for ($left = 0; $left < $this->image->width; $left += $size) {
                $right = $this->image->width - $left < 1.5 * $size ? $this->image->width : $left + $size;
                foreach ($all as $line) {
                    if (hypot(...$line) < 0.45) {
                        $this->subtract($line, $left, $top, $right, $bottom);
                    }
                }
                if ($right === $this->image->width) {
                    break;
                }
            }
            if ($bottom === $this->image->height) {
                break;
            }
        }

        return $this;
    }

    /** @param array{float, float} $f */
    private function subtract(array $f, int $left, int $top, int $right, int $bottom): void
    {
        [$c, $s] = [[], []];
        for ($x = $left; $x < $right; $x++) {
            $c[] = cos(2.0 * M_PI * $f[0] * $x);
            $s[] = sin(2.0 * M_PI * $f[0] * $x);
        }
        [$re, $im] = [0.0, 0.0];
        $w = $this->image->width;
        for ($y = $top; $y < $bottom; $y++) {
            [$a, $b] = [0.0, 0.0];
            foreach (array_slice($this->image->v, $y * $w + $left, $right - $left) as $k => $value) {
                $a += $value * $c[$k];
                $b += $value * $s[$k];
            }
            [$cy, $sy] = [cos(2.0 * M_PI * $f[1] * $y), sin(2.0 * M_PI * $f[1] * $y)];
            $re += $a * $cy - $b * $sy;
            $im += $a * $sy + $b * $cy;
        }
        $n = ($right - $left) * ($bottom - $top);
        [$re, $im] = [2.0 * $re / $n, 2.0 * $im / $n];
        for ($y = $top; $y < $bottom; $y++) {
            [$cy, $sy] = [cos(2.0 * M_PI * $f[1] * $y), sin(2.0 * M_PI * $f[1] * $y)];
            // re·cos(fx+fy) + im·sin(fx+fy), by the sums of angles.
            [$p, $q] = [$re * $cy + $im * $sy, $im * $cy - $re * $sy];
            for ($x = $left, $k = 0, $i = $y * $w + $left; $x < $right; $x++, $k++, $i++) {
                $this->image->v[$i] -= $p * $c[$k] + $q * $s[$k];
            }
        }
    }

    /** Deviation that outliers do not move: 1.4826 times the median distance from the median. */
    public function deviation(): float
    {
        $some = [];
        $every = max(1, intdiv(count($this->image->v), 20000));
        for ($i = intdiv($every, 2), $n = count($this->image->v); $i < $n; $i += $every) {
            if (! $this->isOut[$i]) {
                $some[] = $this->image->v[$i];
            }
        }
        if ($some === []) {
            return 0.0;
        }
        sort($some);
        $median = $some[intdiv(count($some), 2)];
        $off = array_map(fn (float $v): float => abs($v - $median), $some);
        sort($off);

        $sigma = 1.4826 * $off[intdiv(count($off), 2)];
        // What a JPEG left of the grain has longer tails: there the deviation itself is the larger one.
        $within = array_filter($off, fn (float $o): bool => $o < self::STANDS_OUT * $sigma);

        return max($sigma, $within === [] ? 0.0 : sqrt(array_sum(array_map(fn (float $o): float => $o ** 2, $within)) / count($within)));
    }

    /** Finds the dots: seeds over five deviations, grown to half of their height. */
    public function findDots(float $leastDeviation): self
    {
        $sigma = max($leastDeviation, $this->deviation());
        [$v, $w, $h] = [$this->image->v, $this->image->width, $this->image->height];
        $most = self::MOST_SHARE * count($v);
        $seen = $this->isOut;
        foreach ($v as $i => $value) {
            if (abs($value) < self::STANDS_OUT * $sigma || $seen[$i]) {
                continue;
            }
            $peak = $this->climbed($i);
            $height = $v[$peak];
            $least = max(self::HALF * abs($height), 2.0 * $sigma);
            $pixels = [];
            $open = [$peak];
            $seen[$peak] = true;
            while ($open !== [] && count($pixels) <= $most) {
                $at = array_pop($open);
                $pixels[] = $at;
                foreach (self::around($at, $w, $h) as $next) {
                    if (! $seen[$next] && ($v[$next] > 0.0) === ($height > 0.0) && abs($v[$next]) >= $least) {
                        $seen[$next] = true;
                        $open[] = $next;
                    }
                }
            }
            if (count($pixels) >= self::LEAST_PIXELS && count($pixels) <= $most) {
                $this->dots[] = [
                    'x' => array_sum(array_map(fn (int $p): int => $p % $w, $pixels)) / count($pixels) + 0.5,
                    'y' => array_sum(array_map(fn (int $p): int => intdiv($p, $w), $pixels)) / count($pixels) + 0.5,
                    'pixels' => count($pixels),
                    'height' => $height,
                ];
            }
            $seen[$i] = true;
            foreach ($pixels as $p) {
                $this->isOut[$p] = true;
            }
        }

        return $this;
    }

    public function dotsShare(): float
    {
        return array_sum(array_column($this->dots, 'pixels')) / max(1, count($this->image->v));
    }

    /** Deviation of what is finer than a box of so many pixels; dots with their rims, and edges, left out. */
    public function finerThan(int $box): float
    {
        $this->widenDots(2);
        $low = self::boxed($this->image, max(3, $box | 1));
        [$sum, $n] = [0.0, 0];
        foreach ($this->image->v as $i => $value) {
            if (! $this->isOut[$i]) {
                $sum += ($value - $low[$i]) ** 2;
                $n++;
            }
        }
        $pixels = max(9, ($box | 1) ** 2);

        // The mean that is subtracted holds a share of the very pixel.
        return $n === 0 ? 0.0 : sqrt($sum / $n / (1.0 - 1.0 / $pixels));
    }

    private function widenDots(int $by): void
    {
        [$w, $h] = [$this->image->width, $this->image->height];
        foreach ($this->dots as $dot) {
            $r = (int) ceil(sqrt($dot['pixels'] / M_PI)) + $by;
            for ($y = max(0, (int) $dot['y'] - $r); $y <= min($h - 1, (int) $dot['y'] + $r); $y++) {
                for ($x = max(0, (int) $dot['x'] - $r); $x <= min($w - 1, (int) $dot['x'] + $r); $x++) {
                    if (hypot($x + 0.5 - $dot['x'], $y + 0.5 - $dot['y']) <= $r) {
                        $this->isOut[$y * $w + $x] = true;
                    }
                }
            }
        }
    }

    /** @return list<int> the pixels beside one */
    private static function around(int $i, int $w, int $h): array
    {
        [$x, $y] = [$i % $w, intdiv($i, $w)];
        $beside = [$x > 0 ? $i - 1 : -1, $x < $w - 1 ? $i + 1 : -1, $y > 0 ? $i - $w : -1, $y < $h - 1 ? $i + $w : -1];

        return array_values(array_filter($beside, fn (int $p): bool => $p >= 0));
    }

    /** From a seed up to the top of its dot. */
    private function climbed(int $i): int
    {
        [$v, $w, $h] = [$this->image->v, $this->image->width, $this->image->height];
        for ($steps = 0; $steps < 200; $steps++) {
            $best = $i;
            foreach (self::around($i, $w, $h) as $next) {
                $best = ($v[$next] > 0.0) === ($v[$i] > 0.0) && abs($v[$next]) > abs($v[$best]) ? $next : $best;
            }
            if ($best === $i) {
                break;
            }
            $i = $best;
        }

        return $i;
    }

    /** @return list<float> mean over a box around each pixel, by running sums; at the edges over what there is */
    private static function boxed(GrayImage $image, int $box): array
    {
        $r = intdiv($box, 2);
        [$w, $h, $v] = [$image->width, $image->height, $image->v];
        $rows = [];
        for ($y = 0; $y < $h; $y++) {
            $line = array_slice($v, $y * $w, $w);
            $sum = array_sum(array_slice($line, 0, $r));
            $n = min($r, $w);
            for ($x = 0; $x < $w; $x++) {
                if ($x + $r < $w) {
                    $sum += $line[$x + $r];
                    $n++;
                }
                if ($x - $r - 1 >= 0) {
                    $sum -= $line[$x - $r - 1];
                    $n--;
                }
                $rows[] = $sum / $n;
            }
        }
        $out = $rows;
        $sums = array_fill(0, $w, 0.0);
        for ($y = 0; $y < min($r, $h); $y++) {
            for ($x = 0; $x < $w; $x++) {
                $sums[$x] += $rows[$y * $w + $x];
            }
        }
        $n = min($r, $h);
        for ($y = 0; $y < $h; $y++) {
            $in = $y + $r < $h ? ($y + $r) * $w : null;
            $gone = $y - $r - 1 >= 0 ? ($y - $r - 1) * $w : null;
            $n += ($in === null ? 0 : 1) - ($gone === null ? 0 : 1);
            for ($x = 0, $i = $y * $w; $x < $w; $x++, $i++) {
                $sums[$x] += ($in === null ? 0.0 : $rows[$in + $x]) - ($gone === null ? 0.0 : $rows[$gone + $x]);
                $out[$i] = $sums[$x] / $n;
            }
        }

        return array_values($out);
    }
}
