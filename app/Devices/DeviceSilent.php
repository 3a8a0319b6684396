<?php

declare(strict_types=1);

namespace App\Devices;

/** A device gave no answer that can be used. Why is not said: else its address could be used to look around a network. */
final class DeviceSilent extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('no answer that can be used');
    }
}
