<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** How the next step stands at a moment. */
enum ActState: string
{
    /** Any time. */
    case Ready = 'ready';
    /** Something still has to set, dry or cure. */
    case Waiting = 'waiting';
    /** The coat before bonds now, and will not for ever. */
    case Open = 'open';
    /** Past bonding and too soft to sand. */
    case MissedWait = 'missed_wait';
    /** Past bonding and sandable: key, then go on. */
    case KeyFirst = 'key_first';
    /** Keyed: goes on like on a fresh surface. */
    case Keyed = 'keyed';
}
