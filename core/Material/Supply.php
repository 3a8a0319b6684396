<?php

declare(strict_types=1);

namespace OakGloss\Material;

use OakGloss\Optics\Compound;

/** What is used up on a part without being resin, cloth, clear or paper: each in the unit in which it is measured out. */
enum Supply: string
{
    case Primer = 'primer';
    case Paint = 'paint';
    case BodyFiller = 'body_filler';
    case Surfacer = 'surfacer';
    case Wax = 'wax';
    case ReleaseFilm = 'release_film';
    case Adhesive = 'adhesive';
    case BondPaste = 'bond_paste';
    /** Compounds, by what each takes out. */
    case Cut = 'cut';
    case FinishCut = 'finish_cut';
    case Jewelled = 'jewelled';
    case Tape = 'tape';
    /** The sticky cord that closes a bag. */
    case SealTape = 'seal_tape';
    case PeelPly = 'peel_ply';
    case Breather = 'breather';
    case Mesh = 'mesh';
    case BagFilm = 'bag_film';

    public static function ofCompound(Compound $compound): self
    {
        return match ($compound) {
            Compound::Cut => self::Cut,
            Compound::Finish => self::FinishCut,
            Compound::Jewelled => self::Jewelled,
        };
    }

    /** The aid that it is, with waits of its own. */
    public function aid(): ?AidKind
    {
        return AidKind::tryFrom($this->value);
    }

    public function isCompound(): bool
    {
        return in_array($this, [self::Cut, self::FinishCut, self::Jewelled], true);
    }

    /** @return 'g'|'m'|'m²' in which a step asks for it */
    public function unit(): string
    {
        return match ($this) {
            self::Tape, self::SealTape => 'm',
            self::PeelPly, self::Breather, self::Mesh, self::BagFilm => 'm²',
            default => 'g',
        };
    }
}
