<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Quantity\Bounds;

/** Two pumps on their jars: what one stroke of each gives, measured. */
final readonly class Pump
{
    /** A cup is filled by so much more at most, so that its strokes come out whole (ours). */
    private const MORE = 0.25;

    /** Strokes that anybody counts. */
    private const MOST = 400;

    /**
     * @param float $resinG    a stroke, 0.05 to 500
     * @param float $hardenerG a stroke
     *
     * @throws \OakGloss\Quantity\OutOfRange If a stroke is out of range.
     */
    public function __construct(public float $resinG, public float $hardenerG)
    {
        Bounds::within($resinG, 0.05, 500.0, 'a stroke of resin', 'g');
        Bounds::within($hardenerG, 0.05, 500.0, 'a stroke of hardener', 'g');
    }

    /**
     * Whole strokes for a batch: the fewest from what is wanted on that keep the ratio within its tolerance; where none do
     * within a quarter more, those of them that come nearest.
     *
     * @return array{resin: int, hardener: int, error: float}|null + is too much hardener; null where it takes too many to count
     */
    public function strokesFor(Batch $batch): ?array
    {
        $from = max(1, (int) ceil($batch->resinG / $this->resinG - 1e-9));
        if ($from > self::MOST) {
            return null;
        }
        $best = null;
        for ($resin = $from; $resin <= max($from, (int) floor($from * (1.0 + self::MORE))); $resin++) {
            $hardener = max(1, (int) round($resin * $this->resinG * $batch->ratio->hardenerPerResin / $this->hardenerG));
            $error = $hardener * $this->hardenerG / ($resin * $this->resinG) / $batch->ratio->hardenerPerResin - 1.0;
            if ($best === null || abs($error) < abs($best['error']) - 1e-12) {
                $best = ['resin' => $resin, 'hardener' => $hardener, 'error' => $error];
            }
            if (abs($error) <= Batch::TOLERANCE) {
                break;
            }
        }

        return $best;
    }

    public function strokeG(string $component): ?float
    {
        return ['resin' => $this->resinG, 'hardener' => $this->hardenerG][$component] ?? null;
    }
}
