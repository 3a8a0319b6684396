<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What lies on the bench when a method begins. */
enum Start: string
{
    /** A part that has no skin yet. */
    case Part = 'part';
    /** A skin whose film nobody knows well. */
    case Film = 'film';
    /** A damaged place of a skin. */
    case Place = 'place';
    /** A bare piece that is to be clothed on both faces. */
    case BarePiece = 'bare_piece';
    /** A clothed piece that is seen from both sides. */
    case Piece = 'piece';
    /** A raw moulding: the weave lies just under its face. */
    case Moulding = 'moulding';
    /** A form that something is made on and taken off: a pattern, or an original panel. */
    case Form = 'form';
    /** A true plate, from which a sheet is taken. */
    case Plate = 'plate';

    /** Whether a film lies on it, that has to be known before anything is sanded. */
    public function hasFilm(): bool
    {
        return in_array($this, [self::Film, self::Place, self::Piece, self::Moulding], true);
    }

    /** Whether what is made stays on what it is made on. */
    public function isBuiltOn(): bool
    {
        return $this !== self::Plate && $this !== self::Form;
    }
}
