<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** Which faces of a sheet come off a plate. */
enum Faces: string
{
    case One = 'one';
    case Both = 'both';
}
