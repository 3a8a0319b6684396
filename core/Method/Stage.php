<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** The parts of a job, as a finisher would tell how far it is. */
enum Stage: string
{
    case Ground = 'ground';
    case Cloth = 'cloth';
    case Build = 'build';
    case Level = 'level';
    case Surface = 'surface';
    case Off = 'off';
}
