<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Inspection\Remedy;

/** Ways out into a film or cloth that is wet, or holds still. */
final readonly class WaysWet
{
    /** The run sheet's starts lie five minutes apart: what has to be at once gets so much more, minutes. */
    private const GRID_MIN = 10.0;

    public function __construct(private DefectPlace $at)
    {
    }

    /** Into the wet film, as long as it levels after. */
    public function wet(Remedy $remedy, bool $isWet, float $untilMin): RemedyOffer
    {
        return new RemedyOffer(
            $remedy,
            $this->at->content($remedy, patch: $remedy->isLocal(), withinMin: round($untilMin + self::GRID_MIN)),
            $isWet ? null : ($this->at->film === null ? 'set' : 'late'),
            ['until' => $untilMin],
            // Where it does not help, the film is as it was.
            again: 0.05,
        );
    }

    public function coatNow(): RemedyOffer
    {
        return $this->at->plain(Remedy::CoatNow, $this->at->isWet() ? null : 'closed', coats: 1, again: 0.06);
    }

    /** Cloth taken off or moved, where it lies so that this can be. */
    public function ofCloth(Remedy $remedy, float $again, ClothNow ...$where): RemedyOffer
    {
        $holdsMin = in_array($remedy, [Remedy::Relay, Remedy::NewPiece], true) ? $this->at->film?->holdsMin : null;

        return new RemedyOffer(
            $remedy,
            $this->at->content($remedy, wholePart: $remedy !== Remedy::Shift, withinMin: $holdsMin === null ? null : round($holdsMin)),
            in_array($this->at->cloth, $where, true) ? null : "cloth_{$this->at->cloth->name}",
            again: $again,
        );
    }
}
