<?php

declare(strict_types=1);

namespace App\Models;

/** Why something came onto the shelf or went from it. */
enum Why: string
{
    case Received = 'received';
    /** By a fact of a part. */
    case Used = 'used';
    /** The fact was struck out. */
    case GivenBack = 'given_back';
    /** Counted, and found to be another than was reckoned. */
    case Counted = 'counted';
    case Thrown = 'thrown';
    /** Taken without a part. */
    case Taken = 'taken';
    /** Cut off a roll, and kept as an offcut. */
    case Cut = 'cut';
}
