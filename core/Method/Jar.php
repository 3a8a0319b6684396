<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** Which of the part's two resins a coat is mixed from. */
enum Jar: string
{
    case Base = 'base';
    case Clear = 'clear';
}
