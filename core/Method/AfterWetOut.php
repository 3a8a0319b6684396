<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What follows the wet-out. */
enum AfterWetOut: string
{
    /** Full cure, nibs off, key. */
    case CureThenKey = 'cure_then_key';
    /** A second coat at tack first: saves weave under the nib paper. */
    case SecondAtTack = 'second_at_tack';
    /** The build goes on at tack, coat after coat; nibs are flatted with it. */
    case BuildOnAtTack = 'build_on_at_tack';
}
