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
    /** The wet part is turned over, so that what runs runs back. */
    case Turn = 'turn';
    /** Sanded to one plane by a ladder of grits. */
    case Flat = 'flat';
    case Spray = 'spray';
    case Polish = 'polish';
    /** What was made is looked over, and what is found is noted where it lies. */
    case Look = 'look';
    /** The bag is clamped off, and its pressure read twice. */
    case LeakCheck = 'leak_check';
    case Inspect = 'inspect';
    /** The part lies in the warm box. */
    case PostCure = 'post_cure';

    public function isSanding(): bool
    {
        return $this === self::Key || $this === self::Flat;
    }
}
