<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** The surface that a step finds, or leaves. */
enum Ground: string
{
    /** Grease, wax and dust of its life. */
    case AsFound = 'as_found';
    /** Sanded, not wiped. */
    case Dusty = 'dusty';
    /** Degreased, nothing loose on it. */
    case Clean = 'clean';
    /** A coat, from wet to cured; the step's wait says which. */
    case Coat = 'coat';
    /** Tacky from a mist. */
    case Mist = 'mist';
}
