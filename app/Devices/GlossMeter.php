<?php

declare(strict_types=1);

namespace App\Devices;

/** Something in the shop that measures gloss at 60°. */
interface GlossMeter
{
    /**
     * One reading of the place that it stands on, gloss units at 60°, 0 to 110.
     *
     * @throws DeviceSilent If it does not answer, or not with a gloss that can be.
     */
    public function read(): float;
}
