<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What a step is to hands and record. */
enum StepKind: string
{
    case Prepare = 'prepare';
    case Wipe = 'wipe';
    /** Abraded so that the next layer holds; no film is reckoned with. */
    case Key = 'key';
    case Lay = 'lay';
    case Coat = 'coat';
    /** Sanded to one plane by a ladder of grits. */
    case Flat = 'flat';
    case Spray = 'spray';
    case Polish = 'polish';
    case Inspect = 'inspect';

    public function isSanding(): bool
    {
        return $this === self::Key || $this === self::Flat;
    }
}
