<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

use OakGloss\Film\Face;
use OakGloss\Quantity\Area;
use OakGloss\Quantity\Bounds;

/** A part of the surface that behaves alike. */
final readonly class Zone
{
    /** An edge or rim narrower than this is taped while faces are blocked, and eased by hand: never cut to a plane, mm. */
    private const NARROW_MM = 10.0;

    /** What all papers of one flatting take of it under a finger, µm (ours). */
    private const EASED_UM = 10.0;

    public Face $face;

    /**
     * @param string     $name     1 to 40 characters
     * @param float      $slopeDeg 0 to 90
     * @param float      $lengthM  down the slope, 0.001 to 20 m
     * @param float      $areaM2   above 0 to 50 m²
     * @param float|null $radiusMm of an edge, 0.1 to 100 mm; needed there, null elsewhere
     * @param list<Face> $above    faces that drain into it, from the top down, as the part stands
     * @param list<Face> $below    faces that it drains into, the nearest first
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public string $name,
        public ZoneKind $kind,
        public float $slopeDeg,
        public float $lengthM,
        public float $areaM2,
        public Visibility $visibility = Visibility::Show,
        public ?float $radiusMm = null,
        array $above = [],
        array $below = [],
    ) {
        Bounds::within(mb_strlen($name), 1, 40, 'name of a zone', 'characters');
        Bounds::within($areaM2, 1e-6, 50.0, "area of {$name}", 'm²');
        if ($kind === ZoneKind::Edge) {
            Bounds::within($radiusMm ?? 0.0, 0.1, 100.0, "radius of {$name}", 'mm');
        }
        $isNarrow = $kind === ZoneKind::Edge && EdgeBand::widthMm($radiusMm ?? 0.0) < self::NARROW_MM;
        $this->face = new Face(
            $slopeDeg,
            $lengthM,
            $kind === ZoneKind::Edge ? $radiusMm : null,
            $name,
            $above,
            $below,
            $isNarrow ? self::EASED_UM : null,
        );
    }

    public function area(): Area
    {
        return Area::fromSquareMetres($this->areaM2);
    }

    /** As a link of a line of faces: without its neighbours and its edge. */
    public function link(): Face
    {
        return new Face($this->slopeDeg, $this->lengthM, null, $this->name);
    }

    /**
     * The same zone in a line of faces.
     *
     * @param list<Face> $above from the top down
     * @param list<Face> $below the nearest first
     */
    public function between(array $above, array $below = []): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->slopeDeg,
            $this->lengthM,
            $this->areaM2,
            $this->visibility,
            $this->radiusMm,
            $above,
            $below,
        );
    }
}
