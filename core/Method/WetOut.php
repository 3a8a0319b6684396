<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** When the cloth is wetted out. */
enum WetOut: string
{
    /** On the tacky base: bonds chemically, may float if flooded. */
    case AtOnce = 'at_once';
    /** After the base has set: cannot float, trims clean. */
    case OnSetBase = 'on_set_base';
}
