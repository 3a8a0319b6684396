<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/** Where an activation energy comes from. */
enum Basis: string
{
    /** Stated by the sheet or the shop. */
    case Given = 'given';
    /** Fitted through the sheet's rows. */
    case Fitted = 'fitted';
    /** Nothing known: the planning value. */
    case Assumed = 'assumed';
}
