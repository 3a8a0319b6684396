<?php

declare(strict_types=1);

namespace OakGloss\Method;

enum FollowKind: string
{
    case Minutes = 'minutes';
    case Tacky = 'tacky';
    case Set = 'set';
    case Sandable = 'sandable';
}
