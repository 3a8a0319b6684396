<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What lies on the bench when a method begins. */
enum Start: string
{
    /** A part that has no skin yet. */
    case Part = 'part';
    /** A skin whose film nobody knows well. */
    case Film = 'film';
    /** A true plate, from which a sheet is taken. */
    case Plate = 'plate';
}
