<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** Marks every failure that the core raises on misuse. */
interface OakGlossFault extends \Throwable
{
}
