<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What is done about the weave that still shrinks back through a surface when it is flatted for the last time. */
enum PrintThrough: string
{
    /** Flatted once it is sandable; what prints back is said. */
    case Flat = 'flat';
    /** The last flatting waits until nothing prints back that a lamp shows. */
    case Wait = 'wait';
    /** The part goes into the warm box for it first. */
    case PostCure = 'post_cure';
}
