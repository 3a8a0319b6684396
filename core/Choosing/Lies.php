<?php

declare(strict_types=1);

namespace OakGloss\Choosing;

/** What lies on the bench before anything is done. */
enum Lies: string
{
    /** A part that has no skin yet. */
    case BarePart = 'bare_part';
    /** A panel that a new one is to be like; it stays as it is. */
    case Original = 'original';
    /** A pattern, or what becomes one. */
    case Pattern = 'pattern';
    /** A carbon moulding as it came out of its mould. */
    case RawMoulding = 'raw_moulding';
    /** Clothed and wetted out, the weave still felt. */
    case ClothedPiece = 'clothed_piece';
    /** A skin with ridges and lows. */
    case BadSkin = 'bad_skin';
    /** A sound skin that wants more depth. */
    case ThinSkin = 'thin_skin';
    /** A skin with a chip or a crack. */
    case DamagedSkin = 'damaged_skin';
    /** Nothing: flat parts are cut from what is made. */
    case Nothing = 'nothing';
}
