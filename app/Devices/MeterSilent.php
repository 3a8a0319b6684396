<?php

declare(strict_types=1);

namespace App\Devices;

/** The gloss meter gave no reading that can be used. */
final class MeterSilent extends \RuntimeException
{
    public static function because(string $why): self
    {
        return new self("The meter gives no reading: {$why}. Type what its display shows.");
    }
}
