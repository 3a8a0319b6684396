<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\PartFact;
use OakGloss\Cure\PaceCheck;

/** A check of a coat as the shelf shows it. */
final readonly class KeptCheck
{
    /**
     * @param float  $ageMin     thermal age of the coat by its sheet
     * @param string $said       too_wet, print, dents, hard, clogs or dusts
     * @param float  $likelihood under what the checks before it said
     */
    public function __construct(
        public PartFact $fact,
        public PaceCheck $check,
        public float $ageMin,
        public string $said,
        public CheckStands $stands,
        public float $likelihood,
        public string $reason,
    ) {
    }
}
