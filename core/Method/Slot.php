<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What a method is given from the shelf, by what it does in the part. */
enum Slot: string
{
    /** The resin under the cloth. */
    case Base = 'base';
    /** The resin in the cloth and over it. */
    case Skin = 'skin';
    /** The ply that is seen. */
    case Cloth = 'cloth';
    /** Plies that nobody sees, where they are of another cloth. */
    case InnerCloth = 'inner_cloth';
    /** Sprayed or brushed over the resin. */
    case Clear = 'clear';
    /** Sprayed and blocked flat under the clear. */
    case FillerClear = 'filler_clear';

    /** The field of a brief that names it. */
    public function field(): string
    {
        return match ($this) {
            self::Base => 'base_resin_id',
            self::Skin => 'skin_resin_id',
            self::Cloth => 'cloth_id',
            self::InnerCloth => 'inner_cloth_id',
            self::Clear => 'clear_id',
            self::FillerClear => 'filler_id',
        };
    }
}
