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

    /** In an inside corner: a folded paper by hand, the last two papers of the ladder. */
    public static function inCorner(Ladder $ladder): Flatting
    {
        $grits = array_map(fn (LadderStep $s): Grit => $s->grit, array_slice($ladder->steps, -2));
        $later = count($grits) < 2 ? 0.0 : Ladder::OVERCUT * SandingMethod::WetBlock->scratchUm($grits[0]);

        return new Flatting($later, SandingMethod::WetBlock->scratchUm($ladder->last()));
    }
}
