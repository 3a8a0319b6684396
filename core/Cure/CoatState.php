<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/** What a coat is when the next one is due. */
enum CoatState: string
{
    /** Younger than `tack_from`: a touch takes resin away. */
    case TooWet = 'too_wet';
    /** From `tack_from` to `tack_until`: the next coat bonds chemically. */
    case Bonds = 'bonds';
    /** Past bonding and not yet sandable: wait. */
    case MissedWait = 'missed_wait';
    /** Sandable: key, then coat. */
    case KeyFirst = 'key_first';

    /** @param float $age thermal age in minutes; needs the events tack_from, tack_until and sandable */
    public static function atAge(float $age, Kinetics $kinetics): self
    {
        return match (true) {
            $age < $kinetics->age(Milestone::TackFrom) => self::TooWet,
            $age <= $kinetics->age(Milestone::TackUntil) => self::Bonds,
            $age < $kinetics->age(Milestone::Sandable) => self::MissedWait,
            default => self::KeyFirst,
        };
    }
}
