<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

/** With what a cup is spread: each keeps back its own share. */
enum Spreader: string
{
    case Brush = 'brush';
    case Roller = 'roller';
    case Spatula = 'spatula';
}
