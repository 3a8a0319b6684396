<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** Brightness by pixel, row by row. Named floats in one list: a photo has too many for values of their own. */
final class GrayImage
{
    /** Light that falls by this share (its logarithm) from a block to its neighbour is an edge; so many blocks around it are left out. */
    private const EDGE = 0.18;
    private const AROUND = 4;

    /** @param array<int, float> $v width times height of them, 0 to 255 or relative to their surroundings */
    public function __construct(public readonly int $width, public readonly int $height, public array $v)
    {
        if (count($v) !== $width * $height) {
            throw new \LogicException('as many values as pixels');
        }
    }

    public function mean(): float
    {
        return array_sum($this->v) / max(1, count($this->v));
    }

    /**
     * Over its slow light, that of the lamp first, so that an even face is 0 and a cosine of ±2 % runs from −0.02 to 0.02:
     * means of blocks, smoothed over `$reach` pixels, straight between their middles.
     *
     * @return array{GrayImage, array<int, bool>} and by pixel whether a lamp's edge lies there
     */
    public function flattened(float $reach): array
    {
        $block = max(2, (int) round(0.5 * $reach));
        [$nx, $ny] = [max(1, intdiv($this->width, $block)), max(1, intdiv($this->height, $block))];

        return $this->evenedOut($block, $nx, $ny)->overBlocks($reach, $block, $nx, $ny);
    }

    /** Without what falls from one end to the other: dim and bright ends alike, about its mean. */
    private function evenedOut(int $block, int $nx, int $ny): self
    {
        [$w, $h] = [$this->width, $this->height];
        $middle = fn (int $i, int $n, int $size): float => ($i * $block + ($i === $n - 1 ? $size : ($i + 1) * $block)) / $size - 1.0;
        $blocks = [];
        foreach ($this->blocks($block, $nx, $ny) as $i => $mean) {
            $blocks[] = [$middle($i % $nx, $nx, $w), $middle(intdiv($i, $nx), $ny, $h), $mean];
        }
        $light = SlowLight::through($blocks, min($nx, $ny));
        [$v, $mean] = [$this->v, $this->mean()];
        // Reckoned at every eighth pixel, straight between: it is slow.
        $every = 8;
        for ($y = 0, $i = 0; $y < $h; $y++) {
            $row = [];
            for ($x = 0; $x <= $w + $every; $x += $every) {
                $row[] = $mean / $light->at((2.0 * $x + 1.0) / $w - 1.0, (2.0 * $y + 1.0) / $h - 1.0);
            }
            for ($x = 0; $x < $w; $x++, $i++) {
                [$k, $s] = [intdiv($x, $every), ($x % $every) / $every];
                $v[$i] *= (1.0 - $s) * $row[$k] + $s * $row[$k + 1];
            }
        }

        return new self($w, $h, $v);
    }

    /** @return array{GrayImage, array<int, bool>} */
    private function overBlocks(float $reach, int $block, int $nx, int $ny): array
    {
        $blocks = $this->blocks($block, $nx, $ny);
        $light = Smoothing::over($blocks, $nx, $ny, $reach / $block);
        $edges = self::lampEdges($blocks, $nx, $ny);
        [$w, $h, $v] = [$this->width, $this->height, $this->v];
        [$out, $edge] = [[], []];
        // Where between which blocks each column lies, reckoned once.
        [$left, $share] = [[], []];
        for ($x = 0; $x < $w; $x++) {
            // Beyond the outermost middles the light goes on as it fell.
            $at = ($x + 0.5) / $block - 0.5;
            $left[$x] = max(0, min($nx - 2, (int) floor($at)));
            $share[$x] = $nx === 1 ? 0.0 : $at - $left[$x];
        }
        $right = $nx === 1 ? 0 : 1;
        for ($y = 0, $i = 0; $y < $h; $y++) {
            $at = ($y + 0.5) / $block - 0.5;
            $top = max(0, min($ny - 2, (int) floor($at)));
            $down = $ny === 1 ? 0.0 : $at - $top;
            $row = [];
            $below = $ny === 1 ? $top : $top + 1;
            for ($x = 0; $x < $nx; $x++) {
                $row[$x] = (1.0 - $down) * $light[$top * $nx + $x] + $down * $light[$below * $nx + $x];
            }
            $near = $down < 0.5 ? $top : $below;
            for ($x = 0; $x < $w; $x++, $i++) {
                $l = $left[$x];
                $s = $share[$x];
                $out[$i] = $v[$i] / max(1.0, (1.0 - $s) * $row[$l] + $s * $row[$l + $right]) - 1.0;
                $edge[$i] = $edges[$near * $nx + ($s < 0.5 ? $l : $l + $right)];
            }
        }

        return [new self($w, $h, $out), $edge];
    }

    /** @return list<float> mean of each block; what is left over at the right and below is of the last one */
    private function blocks(int $block, int $nx, int $ny): array
    {
        [$sum, $n] = [array_fill(0, $nx * $ny, 0.0), array_fill(0, $nx * $ny, 0)];
        for ($y = 0, $i = 0; $y < $this->height; $y++) {
            $row = min($ny - 1, intdiv($y, $block)) * $nx;
            for ($bx = 0; $bx < $nx; $bx++) {
                $to = $bx === $nx - 1 ? $this->width : ($bx + 1) * $block;
                $piece = array_slice($this->v, $y * $this->width + $bx * $block, $to - $bx * $block);
                $sum[$row + $bx] += array_sum($piece);
                $n[$row + $bx] += count($piece);
            }
        }

        return array_map(fn (float $s, int $k): float => $s / max(1, $k), $sum, $n);
    }

    /**
     * Light that falls so much from one block to the next is a lamp's edge or a shadow's: what lies around it is left out.
     *
     * @param array<int, float> $light by block
     *
     * @return array<int, bool>
     */
    private static function lampEdges(array $light, int $nx, int $ny): array
    {
        $steep = array_fill(0, $nx * $ny, false);
        for ($y = 0; $y < $ny; $y++) {
            for ($x = 0; $x < $nx; $x++) {
                foreach ([[1, 0], [0, 1]] as [$dx, $dy]) {
                    if ($x + $dx < $nx && $y + $dy < $ny) {
                        [$a, $b] = [max(1.0, $light[$y * $nx + $x]), max(1.0, $light[($y + $dy) * $nx + $x + $dx])];
                        if (abs(log($a / $b)) > self::EDGE) {
                            for ($ey = max(0, $y - self::AROUND); $ey <= min($ny - 1, $y + $dy + self::AROUND); $ey++) {
                                for ($ex = max(0, $x - self::AROUND); $ex <= min($nx - 1, $x + $dx + self::AROUND); $ex++) {
                                    $steep[$ey * $nx + $ex] = true;
                                }
                            }
                        }
                    }
                }
            }
        }

        return $steep;
    }
}
