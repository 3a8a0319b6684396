<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;

/** Something in the shop that measures the air. */
interface AirProbe
{
    /**
     * What it measured since a moment, oldest first; a probe without a memory knows only the last one.
     *
     * @return list<ProbeReading>
     *
     * @throws DeviceSilent If it does not answer, or not in a way that can be read.
     */
    public function readings(CarbonImmutable $since, CarbonImmutable $now): array;
}
