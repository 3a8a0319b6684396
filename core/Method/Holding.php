<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What holds the cloth while it is laid. */
enum Holding: string
{
    /** Laid dry on the tacky base. */
    case TackyBase = 'tacky_base';
    /** Laid dry on a mist of adhesive. */
    case Adhesive = 'adhesive';
    /** Laid into the wet wet-out. */
    case WetLay = 'wet_lay';
}
