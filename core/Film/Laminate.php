<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Bounds;

/**
 * Plies with the resin that was given to each. A ply is as thick as its fibre and its resin together:
 * W/ρf + r/ρ(1 − s) µm, with W and r in g/m², ρf (1.78 of carbon) and ρ in g/cm³ and the resin's shrinkage s.
 */
final readonly class Laminate
{
    /** @param list<array{um: float, fibreShare: float}> $plies from the plate up; fibre by volume */
    private function __construct(public array $plies)
    {
    }

    /**
     * @param list<array{Weave|null, float}> $plies cloth, null for resin alone, and g/m² of resin, from the plate up
     *
     * @throws \OakGloss\Quantity\OutOfRange If a weight is out of range.
     */
    public static function of(array $plies, Rheology $resin): self
    {
        return new self(array_map(function (array $ply) use ($resin): array {
            [$cloth, $gM2] = $ply;
            $fibre = $cloth === null ? 0.0 : $cloth->arealGM2 / $cloth->fibre->density();
            $matrix = Bounds::within($gM2, 0.0, 5000.0, 'resin of a ply', 'g/m²') / $resin->densityGCm3 * (1.0 - $resin->shrinkage);

            return ['um' => $fibre + $matrix, 'fibreShare' => $fibre / ($fibre + $matrix)];
        }, $plies));
    }

    public function thicknessUm(): float
    {
        return array_sum(array_column($this->plies, 'um'));
    }
}
