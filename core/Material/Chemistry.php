<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** What a layer is made of, as far as the next one cares. */
enum Chemistry: string
{
    case Epoxy = 'epoxy';
    case Polyester = 'polyester';
    /** Two-part urethane or acrylic lacquer. */
    case Urethane = 'urethane';
    /** One-part lacquer or varnish. */
    case OnePart = 'one_part';

    /** What this layer asks of the one under it. A table, not a guess; a product's own sheet comes first. */
    public function over(self $under): Bond
    {
        return match (true) {
            // The amine of an epoxy that is not cured through stops a polyester from hardening.
            $this === self::Polyester && $under === self::Epoxy => Bond::FullCureWashKey,
            $this === self::Epoxy && $under === self::Polyester => Bond::Key,
            // Strong solvent or styrene lifts a lacquer that dries without cross-linking.
            ($this === self::Polyester || $this === self::Urethane) && $under === self::OnePart => Bond::Attacks,
            $this === self::Epoxy && $under === self::OnePart => Bond::Attacks,
            $this === $under => Bond::Bonds,
            default => Bond::Key,
        };
    }
}
