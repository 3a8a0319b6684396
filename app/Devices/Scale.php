<?php

declare(strict_types=1);

namespace App\Devices;

/** A bench scale that keeps writing what it shows, and hands out what it wrote. */
interface Scale
{
    /**
     * What it wrote since.
     *
     * @param int|null $since bytes of all that it ever wrote; null for the last few lines
     *
     * @throws DeviceSilent If it does not answer, or not with text.
     */
    public function since(?int $since): ScaleText;
}
