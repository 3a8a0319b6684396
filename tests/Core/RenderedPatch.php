<?php

declare(strict_types=1);

namespace Tests\Core;

/** A patch of surface as a camera would see it, with what is really in it known. */
final class RenderedPatch
{
    /**
     * @param array{float, float}                     $amplitudes of each thread direction, relative
     * @param list<array{float, float, float, float}> $dots       x, y and radius in mm, height relative
     * @param float                                   $noise      deviation of each pixel, relative
     * @param float                                   $fall       of the light across the patch, relative
     * @param float|null                              $lampEdgeMm a lamp's edge so far from the left
     * @param (\Closure(float, float): float)|null    $lamp       its light by the share of width and height, in place of a fall
     */
    public static function of(
        int $width,
        int $height,
        float $mmPerPx,
        float $pitchMm,
        array $amplitudes,
        float $angleDeg = 0.0,
        float $shearDeg = 0.0,
        float $noise = 0.02,
        array $dots = [],
        float $fall = 0.0,
        ?float $lampEdgeMm = null,
        float $mean = 120.0,
        int $seed = 1,
        ?\Closure $lamp = null,
    ): \GdImage {
        mt_srand($seed);
        $image = imagecreatetruecolor($width, $height);
        $k = 2.0 * M_PI * $mmPerPx / $pitchMm;
        [$a, $b] = [deg2rad($angleDeg), deg2rad($angleDeg + 90.0 - $shearDeg)];
        [$ax, $ay, $bx, $by] = [$k * cos($a), $k * sin($a), $k * cos($b), $k * sin($b)];
        for ($y = 0; $y < $height; $y++) {
            $spare = null;
            for ($x = 0; $x < $width; $x++) {
                $v = 1.0 + $amplitudes[0] * cos($ax * $x + $ay * $y + 0.7) + $amplitudes[1] * cos($bx * $x + $by * $y + 1.9);
                $light = $lamp === null ? 1.0 + $fall * ($x / $width - 0.5 + 0.6 * ($y / $height - 0.5)) : $lamp($x / $width, $y / $height);
                if ($lampEdgeMm !== null) {
                    $light *= 1.0 - 0.45 / (1.0 + exp(-($x * $mmPerPx - $lampEdgeMm) / 0.4));
                }
                if ($noise > 0.0) {
                    if ($spare === null) {
                        $r = sqrt(-2.0 * log((mt_rand() + 1.0) / (mt_getrandmax() + 2.0)));
                        $t = 2.0 * M_PI * mt_rand() / mt_getrandmax();
                        [$g, $spare] = [$r * cos($t), $r * sin($t)];
                    } else {
                        [$g, $spare] = [$spare, null];
                    }
                    $v += $noise * $g;
                }
                foreach ($dots as [$dx, $dy, $radius, $rise]) {
                    $far = hypot($x * $mmPerPx - $dx, $y * $mmPerPx - $dy);
                    if ($far < $radius + 2.0 * $mmPerPx) {
                        $v += $rise * max(0.0, min(1.0, ($radius - $far) / $mmPerPx + 0.5));
                    }
                }
                $c = (int) max(0.0, min(255.0, round($mean * $light * $v)));
                imagesetpixel($image, $x, $y, $c << 16 | $c << 8 | $c);
            }
        }

        return $image;
    }

    /** Written as a JPEG of a quality and opened again. */
    public static function asJpeg(\GdImage $image, int $quality): string
    {
        ob_start();
        imagejpeg($image, null, $quality);

        return (string) ob_get_clean();
    }
}
