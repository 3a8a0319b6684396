<?php

declare(strict_types=1);

namespace OakGloss\Practice;

/** Where every gram of mixed resin went. */
final class Ledger
{
    public float $mixedG = 0.0;
    public float $inCupG = 0.0;
    /** Thrown away with a gelled cup, and left in cup and brush. */
    public float $leftG = 0.0;
    public float $laidG = 0.0;
    public float $ranOffG = 0.0;
    /** What dry cloth drank of its wet-out. */
    public float $drunkG = 0.0;
    public float $sandedG = 0.0;

    /** What must lie on the part over its wet-out, grams. */
    public function onPartG(): float
    {
        return $this->laidG - $this->drunkG - $this->ranOffG - $this->sandedG;
    }

    /** Zero but for rounding. */
    public function unaccountedG(): float
    {
        return $this->mixedG - $this->inCupG - $this->leftG - $this->laidG;
    }
}
