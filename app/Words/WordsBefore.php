<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\Part;
use OakGloss\Material\Substrate;

/** What steps were called when facts did not keep their words yet, where they are called otherwise now. */
final class WordsBefore
{
    /** Ways of working whose second wipe was masked in one step. */
    private const MASKED = ['brush_on', 'glue_down', 'bagged', 'sheet_metal'];

    /** What acetone attacks, as it was known then. */
    private const GENTLY = [Substrate::Abs, Substrate::Polycarbonate, Substrate::Painted];

    /** Code of the words; null where they are what they were. */
    public static function of(Part $part, string $step): ?string
    {
        if (! in_array($part->method, self::MASKED, true) || ! in_array($step, ['wipe-1', 'wipe-2', 'wipe-paint'], true)) {
            return null;
        }
        $name = $step === 'wipe-2' ? 'wipe_mask' : 'wipe';

        return $part->method !== 'sheet_metal' && in_array($part->substrate, self::GENTLY, true) ? "{$name}_alcohol" : $name;
    }
}
