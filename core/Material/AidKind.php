<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** What goes on without being film of any skin. */
enum AidKind: string
{
    case Wax = 'wax';
    case ReleaseFilm = 'release_film';
    case Primer = 'primer';
    case BodyFiller = 'body_filler';
    case Adhesive = 'adhesive';
    case Paint = 'paint';
    case Surfacer = 'surfacer';
    case BondPaste = 'bond_paste';
}
