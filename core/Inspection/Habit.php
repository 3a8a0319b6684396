<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** What a shop does every day, by which causes are counted together. */
enum Habit: string
{
    case Clean = 'clean';
    case Mix = 'mix';
    case Climate = 'climate';
    case Window = 'window';
    case Coat = 'coat';
    case Ladder = 'ladder';
    case Cloth = 'cloth';
}
