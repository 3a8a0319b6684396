<?php

declare(strict_types=1);

namespace OakGloss\Material;

use OakGloss\Film\Weave;
use OakGloss\Quantity\Bounds;

/** A cloth on its roll. */
final readonly class ClothRoll
{
    /** Cloth up to this weight lets a light part show between its tows, g/m². */
    public const SEE_THROUGH_GM2 = 245.0;

    /** @throws \OakGloss\Quantity\OutOfRange If the roll's width is not from 50 to 3 000 mm. */
    public function __construct(public string $name, public Weave $weave, public float $widthMm)
    {
        Bounds::within($widthMm, 50.0, 3000.0, 'width of the roll', 'mm');
    }

    public function isSeeThrough(): bool
    {
        return $this->weave->arealGM2 <= self::SEE_THROUGH_GM2;
    }
}
