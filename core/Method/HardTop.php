<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What closes the last coat of a polyester to the air. */
enum HardTop: string
{
    /** Wax in the resin, which comes up as it hardens. */
    case Wax = 'wax';
    /** A film laid over the wet coat. */
    case Film = 'film';
}
