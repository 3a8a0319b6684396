<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Quantity\Bounds;

/** A thin piece that is seen from both sides, such as a paddle or a tray: two level faces and the rim around them. */
final readonly class TwoFaces implements Shape
{
    private const FIRST = 'first face';
    private const SECOND = 'second face';
    private const RIM = 'rim';

    /**
     * @param float $filledPercent of its rectangle, 10 to 100
     *
     * @throws \OakGloss\Quantity\OutOfRange If a size is out of range.
     */
    public function __construct(private float $lengthMm, private float $widthMm, private float $filledPercent, private float $edgeRadiusMm)
    {
        Bounds::within($lengthMm, 3.0, 5000.0, 'length', 'mm');
        Bounds::within($widthMm, 3.0, 3000.0, 'width', 'mm');
        Bounds::within($filledPercent, 10.0, 100.0, 'share of its rectangle', '%');
    }

    public function zones(): array
    {
        return $this->lying(self::FIRST);
    }

    public function plates(): array
    {
        $deep = $this->widthMm * $this->filledPercent / 100.0;
        $band = EdgeBand::widthMm($this->edgeRadiusMm);

        return [
            new Plate(self::FIRST, 0.0, 0.0, $this->lengthMm, $deep),
            new Plate(self::SECOND, 0.0, $deep + 20.0, $this->lengthMm, $deep),
            new Plate(self::RIM, 0.0, 2.0 * $deep + 40.0, 2.0 * ($this->lengthMm + $this->widthMm), $band),
        ];
    }

    public function developedMm(): array
    {
        return ['length' => $this->lengthMm, 'width' => $this->widthMm];
    }

    public function sides(): TwoSides
    {
        return new TwoSides([self::FIRST, self::RIM], [self::SECOND, self::RIM], $this->lying(self::SECOND));
    }

    /** @return non-empty-list<Zone> in one order, the rim fed by the face that lies up */
    private function lying(string $up): array
    {
        $area = $this->lengthMm * $this->widthMm / 1e6 * $this->filledPercent / 100.0;
        $face = fn (string $name): Zone => new Zone($name, ZoneKind::Level, 0.0, 0.5 * $this->widthMm / 1000.0, $area);
        // A slim outline runs nearly along its rectangle, however little of it is filled.
        $rim = EdgeBand::zone(self::RIM, 2.0 * ($this->lengthMm + $this->widthMm), $this->edgeRadiusMm);
        [$top, $edge] = FallOrder::down($face($up), $rim);

        return $up === self::FIRST ? [$top, $face(self::SECOND), $edge] : [$face(self::FIRST), $top, $edge];
    }
}
