<?php

declare(strict_types=1);

namespace OakGloss\Practice;

/** What hands can do to the practice part. */
enum MoveKind: string
{
    /** Dry cloth on a base that goes on now; others did that. */
    case Cloth = 'cloth';
    /** Resin and hardener into a cup: grams. */
    case Mix = 'mix';
    /** The cup over the whole part. */
    case Coat = 'coat';
    case Touch = 'touch';
    /** Minutes. */
    case Wait = 'wait';
    /** Zone, grit, how it is driven, minutes. */
    case Sand = 'sand';
    case Wipe = 'wipe';
    /** A clear of a sheen: coats. */
    case Spray = 'spray';
    /** Compound, minutes. */
    case Polish = 'polish';
    /** So many plies of a mould at once. */
    case Lift = 'lift';
    /** Bare hands, or a polish used beside it: what nobody tells. */
    case Soil = 'soil';
    /** Fresh water for the paper. */
    case Water = 'water';
    /** A hand on the laminate. */
    case Feel = 'feel';
    /** Hold it to the light. */
    case Look = 'look';
}
