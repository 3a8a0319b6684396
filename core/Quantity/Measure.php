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
    case Time = 'time';
    case Share = 'share';
    case Viscosity = 'viscosity';
    case Density = 'density';
    case MolarEnergy = 'molar_energy';
    case Pressure = 'pressure';
}
