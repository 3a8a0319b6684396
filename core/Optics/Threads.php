<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/**
 * The weave's lines in a flattened image: how often each thread direction repeats, and how strong it is. Frequencies in
 * cycles a pixel.
 */
final readonly class Threads
{
    /** Directions of the two threads lie apart by 90° ± so much, shear and some more. */
    private const SHEAR_DEG = 28.0;

    /** A line's frequency may be off what pitch and scale say by this share. */
    private const OFF = 0.14;

    /** Amplitude² over the noise around, from which a line is told without its scale. */
    private const STANDS_OUT = 12.0;

    private const MOST_TILES = 9;

    /** Share by which one and the same face reads otherwise when it is photographed again (ours). */
    private const HELD = 0.03;

    /** A tile that is nearly all edge tells nothing. */
    private const LEAST_OPEN = 0.4;

    /**
     * @param list<array{float, float}> $lines      fx and fy of each direction, two
     * @param list<float>               $amplitudes
     * @param list<float>               $byTile     telegraph of each tile
     */
    private function __construct(public array $lines, public array $amplitudes, public array $byTile)
    {
    }

    /**
     * @param array<int, bool> $edge  pixels that are left out
     * @param float            $pitch pixels
     *
     * @return self|null null where no piece is free of edges
     */
    public static function of(GrayImage $image, array $edge, float $pitch): ?self
    {
        $n = self::tileSize($image, $pitch);
        $tiles = self::tiles($image, $n, $edge);
        if ($tiles === []) {
            return null;
        }
        // What lies at a lamp's edge is nothing, and counts for nothing.
        foreach ($edge as $i => $isEdge) {
            if ($isEdge) {
                $image->v[$i] = 0.0;
            }
        }
        $open = array_map(fn (array $t): float => self::openShare($image->width, $n, $t, $edge), $tiles);
        $spectrum = Spectrum::of($image, $n, $tiles);
        [$least, $most] = [(1.0 - self::OFF) / $pitch, (1.0 + self::OFF) / $pitch];
        $first = self::peak($spectrum, $least, $most, null);
        $second = self::peak($spectrum, $least, $most, $first);
        $noise = self::noise($spectrum, $least, $most);
        $lines = array_map(fn (array $at): array => self::refined($image, $n, $tiles, $at), [$first, $second]);
        $squares = array_map(
            fn (array $tile, float $share): array => array_map(
                fn (array $line): float => max(0.0, self::amplitude2($image, $n, $tile, $line) - $noise) / $share ** 2,
                $lines,
            ),
            $tiles,
            $open,
        );
        $amplitudes = array_map(fn (int $k): float => sqrt(array_sum(array_column($squares, $k)) / count($squares)), [0, 1]);

        return new self($lines, $amplitudes, array_map(fn (array $s): float => sqrt($s[0] + $s[1]), $squares));
    }

    /** How many pixels a repeat takes, where nobody gave the scale; null where no line stands out. */
    public static function pitchOf(GrayImage $image): ?float
    {
        $n = 1 << (int) floor(log(min($image->width, $image->height, 256), 2));
        $tiles = self::tiles($image, $n, []);
        $spectrum = Spectrum::of($image, $n, array_slice($tiles, 0, 4));
        // From eight repeats a tile to four pixels a repeat.
        [$least, $most] = [6.0 / $n, 0.26];
        $first = self::peak($spectrum, $least, $most, null);
        $at = hypot($first[0], $first[1]);
        if (self::powerAt($spectrum, $first) < self::STANDS_OUT * self::noise($spectrum, 0.7 * $at, 1.4 * $at)) {
            return null;
        }
        // An overtone may be the stronger one: the slowest line that stands out is the repeat.
        foreach ([2, 3] as $part) {
            $lower = self::peak($spectrum, 0.93 * $at / $part, 1.07 * $at / $part, null);
            $low = hypot($lower[0], $lower[1]);
            $above = 3.0 * self::STANDS_OUT * self::noise($spectrum, 0.8 * $low, 1.25 * $low);
            if ($low > $least && self::powerAt($spectrum, $lower) > $above) {
                [$first, $at] = [$lower, $low];
            }
        }
        $line = self::refined($image, $n, array_slice($tiles, 0, 2), $first);

        return 1.0 / hypot($line[0], $line[1]);
    }

    /** Both directions together. */
    public function telegraph(): float
    {
        return hypot($this->amplitudes[0], $this->amplitudes[1]);
    }

    /** Of the mean over its tiles. */
    public function doubt(): float
    {
        $n = count($this->byTile);
        $mean = array_sum($this->byTile) / $n;
        $var = array_sum(array_map(fn (float $t): float => ($t - $mean) ** 2, $this->byTile)) / max(1, $n - 1);

        // Lens, lamp and the angle that it was held at are in no tile's scatter.
        return hypot(self::HELD * $mean, $n < 2 ? 0.1 * $mean : sqrt($var / $n));
    }

    /** A tile holds some eight repeats, and fits. */
    private static function tileSize(GrayImage $image, float $pitch): int
    {
        $most = (int) floor(log(max(8, min($image->width, $image->height)), 2));

        return 1 << max(3, min($most, (int) ceil(log(8.0 * $pitch, 2)), 8));
    }

    /**
     * @param array<int, bool> $edge
     *
     * @return list<array{int, int}>
     */
    private static function tiles(GrayImage $image, int $n, array $edge): array
    {
        $of = fn (int $long): int => max(1, min(4, (int) round(($long - $n) / (0.5 * $n)) + 1));
        [$nx, $ny] = [$of($image->width), $of($image->height)];
        $tiles = [];
        for ($j = 0; $j < $ny; $j++) {
            for ($i = 0; $i < $nx; $i++) {
                $left = $nx === 1 ? intdiv($image->width - $n, 2) : (int) round($i * ($image->width - $n) / ($nx - 1));
                $top = $ny === 1 ? intdiv($image->height - $n, 2) : (int) round($j * ($image->height - $n) / ($ny - 1));
                if (self::openShare($image->width, $n, [$left, $top], $edge) > self::LEAST_OPEN) {
                    $tiles[] = [$left, $top];
                }
            }
        }
        // Evenly over the image, no more than that many.
        $every = max(1, (int) ceil(count($tiles) / self::MOST_TILES));

        return array_values(array_filter($tiles, fn (int $k): bool => $k % $every === 0, ARRAY_FILTER_USE_KEY));
    }

    /**
     * Share of a tile, as its window weighs it, that no edge lies in.
     *
     * @param array{int, int}  $tile
     * @param array<int, bool> $edge
     */
    private static function openShare(int $width, int $n, array $tile, array $edge): float
    {
        if ($edge === []) {
            return 1.0;
        }
        $window = Spectrum::hann($n);
        [$open, $all] = [0.0, 0.0];
        for ($y = 0; $y < $n; $y += 2) {
            for ($x = 0; $x < $n; $x += 2) {
                $weight = $window[$y] * $window[$x];
                $all += $weight;
                $open += $edge[($tile[1] + $y) * $width + $tile[0] + $x] ? 0.0 : $weight;
            }
        }

        return $open / $all;
    }

    /**
     * The strongest frequency of a ring; across another one where that is given.
     *
     * @param array{float, float}|null $across
     *
     * @return array{float, float}
     */
    private static function peak(Spectrum $of, float $least, float $most, ?array $across): array
    {
        $n = $of->n;
        [$best, $at] = [-1.0, [$least, 0.0]];
        for ($ky = -intdiv($n, 2); $ky < intdiv($n, 2); $ky++) {
            for ($kx = 0; $kx < intdiv($n, 2); $kx++) {
                [$fx, $fy] = [$kx / $n, $ky / $n];
                $f = hypot($fx, $fy);
                if ($f < $least - 0.5 / $n || $f > $most + 0.5 / $n) {
                    continue;
                }
                if ($across !== null) {
                    $cos = abs($fx * $across[0] + $fy * $across[1]) / ($f * hypot($across[0], $across[1]));
                    if ($cos > sin(deg2rad(self::SHEAR_DEG))) {
                        continue;
                    }
                }
                $power = $of->power[(($ky + $n) % $n) * $n + $kx];
                if ($power > $best) {
                    [$best, $at] = [$power, [$fx, $fy]];
                }
            }
        }

        return $at;
    }

    /** @param array{float, float} $at */
    private static function powerAt(Spectrum $of, array $at): float
    {
        $n = $of->n;

        return $of->power[(((int) round($at[1] * $n) + $n) % $n) * $n + (int) round($at[0] * $n)];
    }

    /** Amplitude² of the noise in a ring: its median over ln 2, as of an exponential distribution. */
    private static function noise(Spectrum $of, float $least, float $most): float
    {
        $n = $of->n;
        $all = [];
        for ($ky = -intdiv($n, 2); $ky < intdiv($n, 2); $ky++) {
            for ($kx = 0; $kx < intdiv($n, 2); $kx++) {
                $f = hypot($kx, $ky) / $n;
                if ($f >= 0.8 * $least && $f <= 1.25 * $most) {
                    $all[] = $of->power[(($ky + $n) % $n) * $n + $kx];
                }
            }
        }
        sort($all);

        return $all === [] ? 0.0 : $all[intdiv(count($all), 2)] / M_LN2;
    }

    /**
     * The frequency at which the tiles together are strongest, by a search that halves its step.
     *
     * @param list<array{int, int}> $tiles
     * @param array{float, float}   $at
     *
     * @return array{float, float}
     */
    private static function refined(GrayImage $image, int $n, array $tiles, array $at): array
    {
        $tiles = array_slice($tiles, 0, 3);
        $strength = fn (float $fx, float $fy): float => array_sum(array_map(
            fn (array $t): float => self::amplitude2($image, $n, $t, [$fx, $fy]),
            $tiles,
        ));
        $best = $strength(...$at);
        for ($step = 0.5 / $n; $step > 0.05 / $n; $step *= 0.5) {
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$dx, $dy]) {
                $try = [$at[0] + $dx * $step, $at[1] + $dy * $step];
                $is = $strength(...$try);
                if ($is > $best) {
                    [$best, $at] = [$is, $try];
                }
            }
        }

        return $at;
    }

    /**
     * Squared amplitude of one frequency in one tile, under a Hann window.
     *
     * @param array{int, int}     $tile
     * @param array{float, float} $f
     */
    private static function amplitude2(GrayImage $image, int $n, array $tile, array $f): float
    {
        [$re, $im, $norm] = self::component($image, $n, $tile, $f);

        return 4.0 * ($re ** 2 + $im ** 2) / $norm ** 2;
    }

    /**
     * @param array{int, int}     $tile
     * @param array{float, float} $f
     *
     * @return array{float, float, float}
     */
    private static function component(GrayImage $image, int $n, array $tile, array $f): array
    {
        $window = Spectrum::hann($n);
        [$c, $s] = [[], []];
        for ($x = 0; $x < $n; $x++) {
            $c[$x] = $window[$x] * cos(2.0 * M_PI * $f[0] * $x);
            $s[$x] = $window[$x] * sin(2.0 * M_PI * $f[0] * $x);
        }
        [$re, $im] = [0.0, 0.0];
        [$v, $w] = [$image->v, $image->width];
        for ($y = 0; $y < $n; $y++) {
            [$a, $b] = [0.0, 0.0];
            for ($x = 0, $i = ($tile[1] + $y) * $w + $tile[0]; $x < $n; $x++, $i++) {
                $a += $v[$i] * $c[$x];
                $b += $v[$i] * $s[$x];
            }
            $cy = $window[$y] * cos(2.0 * M_PI * $f[1] * $y);
            $sy = $window[$y] * sin(2.0 * M_PI * $f[1] * $y);
            $re += $a * $cy - $b * $sy;
            $im += $a * $sy + $b * $cy;
        }

        return [$re, $im, array_sum($window) ** 2];
    }
}
