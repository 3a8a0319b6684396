<?php

declare(strict_types=1);

namespace OakGloss\Optics;

/** The sheen that was ordered. */
enum Finish: string
{
    case Gloss = 'gloss';
    case Satin = 'satin';
    case Matt = 'matt';
}
