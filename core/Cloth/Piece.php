<?php

declare(strict_types=1);

namespace OakGloss\Cloth;

use OakGloss\Quantity\Bounds;

/** The oversize piece of cloth that is cut for a part, mm. */
final readonly class Piece
{
    /** Trimmed around the rim and held beneath, mm. */
    public const WRAP_MM = 30.0;

    /** Slips while it is laid from the middle outward, each way, mm. */
    public const SLIP_MM = 10.0;

    /** A larger piece is laid by two, m². */
    public const ONE_PERSON_M2 = 0.8;

    private function __construct(public float $lengthMm, public float $widthMm)
    {
    }

    /**
     * @param array{length: float, width: float} $developedMm the surface laid flat
     * @param float                              $wrapMm      on every side, 0 to 300
     */
    public static function covering(array $developedMm, float $wrapMm = self::WRAP_MM): self
    {
        $more = 2.0 * (Bounds::within($wrapMm, 0.0, 300.0, 'wrap', 'mm') + self::SLIP_MM);

        return new self($developedMm['length'] + $more, $developedMm['width'] + $more);
    }

    /** Where only areas are known: a square of the same area stands for the surface. */
    public static function coveringArea(float $areaM2, float $wrapMm = self::WRAP_MM): self
    {
        $side = sqrt($areaM2) * 1000.0;

        return self::covering(['length' => $side, 'width' => $side], $wrapMm);
    }

    public function areaM2(): float
    {
        return $this->lengthMm * $this->widthMm / 1e6;
    }

    /** Pairs of hands that lay it. */
    public function people(): int
    {
        return $this->areaM2() > self::ONE_PERSON_M2 ? 2 : 1;
    }

    /** Lies in one piece on a roll of this width. */
    public function fitsRoll(float $rollWidthMm): bool
    {
        return min($this->lengthMm, $this->widthMm) <= $rollWidthMm;
    }
}
