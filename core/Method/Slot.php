<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Material\AidKind;

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
    case Wax = 'wax';
    case ReleaseFilm = 'release_film';
    case Primer = 'primer';
    case BodyFiller = 'body_filler';
    case Adhesive = 'adhesive';
    case Paint = 'paint';
    /** Built up on a pattern, and sanded to the shape. */
    case Surfacer = 'surfacer';
    /** Gap-filling, between a shell and its frame or two halves. */
    case BondPaste = 'bond_paste';
    /** The face of a mould. */
    case GelCoat = 'gel_coat';
    /** What a mould is laminated with. */
    case MouldResin = 'mould_resin';
    case MouldCloth = 'mould_cloth';

    /** The field of a brief that names it. */
    public function field(): string
    {
        return match ($this) {
            self::Base => 'base_resin_id',
            self::Skin => 'skin_resin_id',
            self::FillerClear => 'filler_id',
            default => "{$this->value}_id",
        };
    }

    public static function ofField(string $field): ?self
    {
        // Each attribute of a part is asked about.
        /** @var array<string, self>|null $byField */
        static $byField = null;
        $byField ??= array_column(array_map(fn (self $s): array => [$s->field(), $s], self::cases()), 1, 0);

        return $byField[$field] ?? null;
    }

    /** @return list<self> */
    public static function of(Shelf $shelf): array
    {
        return array_values(array_filter(self::cases(), fn (self $s): bool => $s->shelf() === $shelf));
    }

    public function shelf(): Shelf
    {
        return match ($this) {
            self::Base, self::Skin, self::GelCoat, self::MouldResin => Shelf::Resin,
            self::Cloth, self::InnerCloth, self::MouldCloth => Shelf::Cloth,
            self::Clear, self::FillerClear => Shelf::Clear,
            default => Shelf::Aid,
        };
    }

    /** Which aid lies in it; null of a resin, cloth or clear. */
    public function aid(): ?AidKind
    {
        return AidKind::tryFrom($this->value);
    }
}
