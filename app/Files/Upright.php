<?php

declare(strict_types=1);

namespace App\Files;

/** Where what was found in a photo as the camera wrote it lies once the photo is turned upright (Exif 2.32, tag Orientation). */
final readonly class Upright
{
    /**
     * @param int   $orientation 1 to 8
     * @param float $share       pixels of the upright picture for one of the photo
     */
    public function __construct(private int $orientation, private int $width, private int $height, private float $share)
    {
    }

    /** @return array{float, float} pixels of the upright picture */
    public function point(float $x, float $y): array
    {
        [$right, $down] = [$this->width - $x, $this->height - $y];
        [$x, $y] = match ($this->orientation) {
            2 => [$right, $y],
            3 => [$right, $down],
            4 => [$x, $down],
            5 => [$y, $x],
            6 => [$down, $x],
            7 => [$down, $right],
            8 => [$y, $right],
            default => [$x, $y],
        };

        return [$x * $this->share, $y * $this->share];
    }

    /** A line's direction, degrees from 0 to 180. */
    public function direction(float $degrees): float
    {
        $turned = match ($this->orientation) {
            2, 4 => -$degrees,
            5, 7 => 90.0 - $degrees,
            6, 8 => $degrees + 90.0,
            default => $degrees,
        };

        return $turned - 180.0 * floor($turned / 180.0);
    }

    public function pixels(float $pixels): float
    {
        return $pixels * $this->share;
    }
}
