<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** In which layer a defect lies: it decides what may reach it. */
enum Lies: string
{
    case InCloth = 'cloth';
    case InResin = 'resin';
    case InClear = 'clear';
    /** What was made lies on a form, that it comes off. */
    case OnForm = 'form';
}
