<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** A photo from which pieces are asked, scaled down by averaging areas. */
interface PhotoSource
{
    public function width(): int;

    public function height(): int;

    /** A piece of it, brought to so many pixels; no more than it has. */
    public function piece(int $x, int $y, int $width, int $height, int $toWidth, int $toHeight): GrayImage;

    /** Whether fine grain was lost when it was written. */
    public function hasLostGrain(): bool;
}
