<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What follows the wet-out. */
enum AfterWetOut: string
{
    /** Full cure, nibs off, key. */
    case CureThenKey = 'cure_then_key';
    /** A second coat at tack first: costs a batch, saves weave. */
    case SecondAtTack = 'second_at_tack';
}
