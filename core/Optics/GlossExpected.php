<?php

declare(strict_types=1);

namespace OakGloss\Optics;

use OakGloss\Quantity\Bounds;

/** Gloss units at 60° that a surface should give, and between which bounds. */
final readonly class GlossExpected
{
    /** The roughness that a compound or paper leaves is known to this share (ours). */
    public const RMS_DOUBT = 0.35;

    /** A gloss meter is true to this, gloss units. */
    public const METER_GU = 1.5;

    private function __construct(public float $gu, public float $leastGu, public float $mostGu)
    {
    }

    public static function ofRms(float $rmsUm): self
    {
        return new self(
            GlossAt60::of($rmsUm),
            max(0.0, GlossAt60::of($rmsUm * (1.0 + self::RMS_DOUBT)) - self::METER_GU),
            GlossAt60::of($rmsUm * (1.0 - self::RMS_DOUBT)) + self::METER_GU,
        );
    }

    /** As the sheet of a satin or matt clear states it, with what gun and film make of it. */
    public static function bySheet(float $gu, float $doubtGu): self
    {
        Bounds::within($gu, 0.0, 110.0, 'gloss', 'GU');

        return new self($gu, max(0.0, $gu - $doubtGu), $gu + $doubtGu);
    }

    public function holds(float $gu): bool
    {
        return $gu >= $this->leastGu && $gu <= $this->mostGu;
    }
}
