<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** What units measure; only units of one measure are turned into each other. */
enum Measure: string
{
    case Length = 'length';
    case Area = 'area';
    case Mass = 'mass';
    case Volume = 'volume';
    case Temperature = 'temperature';
    case ArealWeight = 'areal_weight';
}
