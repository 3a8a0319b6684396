<?php

declare(strict_types=1);

namespace OakGloss\Choosing;

/** How often these hands did the like. */
enum Skill: string
{
    case First = 'first';
    case Some = 'some';
    case Sure = 'sure';
}
