<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** What a cured film lets through. */
enum Opacity: string
{
    case Clear = 'clear';
    /** Seen through, in a colour: amber, smoke. */
    case Tinted = 'tinted';
    /** Filled or pigmented: no weave is seen under it. */
    case Opaque = 'opaque';
}
