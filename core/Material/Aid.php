<?php

declare(strict_types=1);

namespace OakGloss\Material;

use OakGloss\Quantity\Bounds;

/** Wax, release film, primer, body filler, adhesive, paint, surfacer or paste, by its sheet. */
final readonly class Aid
{
    /**
     * @param int        $coats      1 to 8
     * @param float      $betweenMin from one coat to the next, 0 to 2 880
     * @param float      $readyMin   from the last coat until the next step may begin, 0 to 10 080
     * @param float|null $holdsMin   from the last coat, as long as it does its work; null where it always does
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public string $name,
        public AidKind $kind,
        public int $coats,
        public float $betweenMin,
        public float $readyMin,
        public ?float $holdsMin = null,
    ) {
        Bounds::within($coats, 1, 8, 'coats', '');
        Bounds::within($betweenMin, 0.0, 2880.0, 'wait between coats', 'min');
        Bounds::within($readyMin, 0.0, 10080.0, 'wait after the last coat', 'min');
        Bounds::within($holdsMin ?? $readyMin + 1.0, $readyMin, 20160.0, 'how long it holds', 'min');
    }

    /** Planning values, where no sheet is named. */
    public static function usual(AidKind $kind): self
    {
        return match ($kind) {
            AidKind::Wax => new self('', $kind, 3, 15.0, 60.0),
            AidKind::ReleaseFilm => new self('', $kind, 1, 0.0, 30.0),
            AidKind::Primer => new self('', $kind, 1, 0.0, 960.0),
            AidKind::BodyFiller => new self('', $kind, 1, 0.0, 45.0),
            AidKind::Adhesive => new self('', $kind, 1, 0.0, 10.0, 40.0),
            AidKind::Surfacer => new self('', $kind, 2, 30.0, 240.0),
            AidKind::BondPaste => new self('', $kind, 1, 0.0, 360.0, 5000.0),
            AidKind::Paint => new self('', $kind, 1, 0.0, 720.0),
        };
    }
}
