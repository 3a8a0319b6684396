<?php

declare(strict_types=1);

namespace OakGloss\Plan;

/** What can be recorded at the bench. */
enum FactKind: string
{
    /** The ready check before hardener goes in. */
    case Ready = 'ready';
    /** Grams of one component went into the cup. */
    case Weighed = 'weighed';
    /** A coat is on. */
    case CoatOn = 'coat_on';
    /** The witness patch was touched. */
    case Touched = 'touched';
    /** One paper was sanded over the part. */
    case Sanded = 'sanded';
    case Wiped = 'wiped';
    /** A step without a name of its own was done. */
    case Done = 'done';
    /** A step that this part did not need. */
    case Skipped = 'skipped';
    /** An earlier fact was a mistake. */
    case Struck = 'struck';
    /** When, how or with how much a step that is ahead is to be done. */
    case Decided = 'decided';
    /** The part is put into another air for a while. */
    case Warmed = 'warmed';
    /** A paper was tried on a coat: it clogs or dusts. */
    case Tried = 'tried';
    /** A check is not to count for the shop's pace. */
    case LeftOut = 'left_out';
    /** A choice of the plan was changed. */
    case Chosen = 'chosen';
    /** The part itself lay on a scale, dry. */
    case PartWeighed = 'part_weighed';
    /** A film or skin thickness was measured. */
    case Measured = 'measured';
    /** Water or paper was changed while sanding. */
    case Changed = 'changed';
    /** Gloss at 60° was read. */
    case GlossRead = 'gloss_read';
}
