<?php

declare(strict_types=1);

namespace App\Stock;

/** So much of a jar, with the width of a piece of cloth. */
final readonly class Used
{
    public function __construct(public Jar $jar, public float $quantity, public ?float $widthMm = null)
    {
    }
}
