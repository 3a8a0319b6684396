<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

use OakGloss\Film\Flatting;

/** What papers take from a skin below flush. */
final class CutBudget
{
    /** On a face: every paper of the ladder after the first, and the last scratch. */
    public static function onFace(Ladder $ladder): Flatting
    {
        return new Flatting($ladder->laterCutsUm(), $ladder->leftScratchUm());
    }

    /** On edges and laps: by hand with the last paper alone, down to flush and its own scratch. */
    public static function byHand(Ladder $ladder): Flatting
    {
        return new Flatting(0.0, SandingMethod::WetBlock->scratchUm($ladder->last()));
    }

    /**
     * Passes that were really sanded, in their order; by hand only the last counts.
     *
     * @param non-empty-list<Grit> $passes
     */
    public static function ofPasses(SandingMethod $method, array $passes, bool $byHand): Flatting
    {
        $last = $passes[count($passes) - 1];
        if ($byHand) {
            return new Flatting(0.0, SandingMethod::WetBlock->scratchUm($last));
        }
        $later = 0.0;
        foreach (array_slice($passes, 0, -1) as $before) {
            $later += Ladder::OVERCUT * $method->scratchUm($before);
        }

        return new Flatting($later, $method->scratchUm($last));
    }
}
