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
    /** A choice of the plan was changed. */
    case Chosen = 'chosen';
}
