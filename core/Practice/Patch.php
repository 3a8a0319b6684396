<?php

declare(strict_types=1);

namespace OakGloss\Practice;

/** What a lamp shows of one zone: everything that a drawing of its surface is computed from. */
final readonly class Patch
{
    /**
     * @param float                                                            $textureUm peak to valley of the weave's relief that is left
     * @param float                                                            $scratchUm Rz
     * @param float                                                            $filmUm    mean over the crowns
     * @param float                                                            $gloss     mean, gloss units at 60°
     * @param float                                                            $dust      lying on it, 0 to 1
     * @param float                                                            $sealed    shut in, 0 to 1
     * @param float                                                            $haze      under a clear, 0 to 1
     * @param bool                                                             $isWet     it still flows
     * @param list<array{burnt: bool, gloss: float, filmUm: float, low: bool}> $cells     row by row
     */
    public function __construct(
        public string $zone,
        public float $textureUm,
        public float $scratchUm,
        public float $filmUm,
        public float $gloss,
        public float $dust,
        public float $sealed,
        public float $haze,
        public bool $isWet,
        public array $cells,
        public int $columns,
    ) {
    }
}
