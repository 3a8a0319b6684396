<?php

declare(strict_types=1);

namespace App\Devices;

/** An address that the shop's devices may not have. */
final class AddressRefused extends \DomainException
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
