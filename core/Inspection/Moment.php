<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** When a part is looked over. */
enum Moment: string
{
    case Coat = 'coat';
    case Flatting = 'flatting';
    case End = 'end';
}
