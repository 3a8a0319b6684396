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

    /**
     * On a face that the others' way does not reach: the same papers, driven so.
     *
     * @param \Closure(Grit): SandingMethod $by
     */
    public static function onFaceBy(\Closure $by, Ladder $ladder): Flatting
    {
        $scratch = fn (LadderStep $s): float => $by($s->grit)->scratchUm($s->grit);
        $later = array_map(fn (LadderStep $s): float => Ladder::OVERCUT * $scratch($s), array_slice($ladder->steps, 0, -1));

        return new Flatting((float) array_sum($later), $scratch($ladder->steps[count($ladder->steps) - 1]));
    }

    /** On edges and laps: by hand with the last paper alone, down to flush and its own scratch. */
    public static function byHand(Ladder $ladder): Flatting
    {
        return new Flatting(0.0, SandingMethod::WetBlock->scratchUm($ladder->last()));
    }

    /** In an inside corner: a folded paper by hand, the last two papers of the ladder. */
    public static function inCorner(Ladder $ladder): Flatting
    {
        $grits = array_map(fn (LadderStep $s): Grit => $s->grit, array_slice($ladder->steps, -2));
        $later = count($grits) < 2 ? 0.0 : Ladder::OVERCUT * SandingMethod::WetBlock->scratchUm($grits[0]);

        return new Flatting($later, SandingMethod::WetBlock->scratchUm($ladder->last()));
    }
}
