<?php

declare(strict_types=1);

namespace OakGloss\Film;

use OakGloss\Quantity\Temperature;

/** What runs off the foot of a line of faces while a coat is wet, and what the line would hold. */
final readonly class RunRisk
{
    /** A line of faces holds a coat of which no more than this leaves its foot, and whose bead does not let go (ours). */
    public const HELD_SHARE = 0.10;
    /** A bead hanging on the lower edge with a radius above this lets go as a run, mm (ours). */
    public const RUNS_FROM_MM = 1.5;
    /** Lighter than this is no coat and heavier than this is a pour, g/m². */
    private const LEAST_GM2 = 10.0;
    private const MOST_GM2 = 1000.0;

    /**
     * @param string     $foot       name of the lowest face, where it collects
     * @param float|null $holdsGM2   heaviest coat that the line holds, g/m²; null where nothing drains
     * @param float      $drainedGM2 that leaves the foot, spread over the line
     * @param float      $gPerEdgeM  of it on each metre of the lower edge, after turning at either
     * @param float      $beadMm     radius, if it hangs there as a half round
     * @param float|null $turnAtMin  after the coat: when half of the flow is over
     */
    private function __construct(
        public string $foot,
        public ?float $holdsGM2,
        public float $drainedGM2,
        public float $gPerEdgeM,
        public float $beadMm,
        public ?float $turnAtMin,
    ) {
    }

    /** Over the line of faces that a face lies in. */
    public static function of(Face $face, Rheology $resin, Coat $coat): self
    {
        $faces = [...$face->above, $face, ...$face->below];
        $foot = $faces[count($faces) - 1];
        $length = array_sum(array_map(fn (Face $f): float => $f->lengthM, $faces));
        $perMetre = self::leaves($faces, $resin, $coat);

        return new self(
            $foot->name,
            self::holds($faces, $resin, $coat),
            $perMetre / $length,
            $perMetre,
            self::beadOf($perMetre, $resin->densityGCm3),
            self::halfFlowMin($resin, $coat->at),
        );
    }

    public function runs(): bool
    {
        return $this->beadMm > self::RUNS_FROM_MM;
    }

    /** Radius of a half round of so many grams on a metre of edge, mm. */
    public static function beadOf(float $gPerM, float $densityGCm3): float
    {
        return sqrt(2.0 * $gPerM / $densityGCm3 / M_PI);
    }

    /**
     * Grams a metre that leave; where the part is turned, at the two ends together, of which each has half (ours).
     *
     * @param non-empty-list<Face> $faces
     */
    private static function leaves(array $faces, Rheology $resin, Coat $coat): float
    {
        if ($coat->gM2 <= 0.0) {
            return 0.0;
        }
        $line = new FallLine($faces, array_map(fn (Face $f): float => $coat->onto($f) / $coat->gM2, $faces));
        $left = $line->kept(Drainage::tau($coat->gM2 / $resin->densityGCm3, $resin, $coat->at), $coat->turns)['left'] * $coat->gM2;

        return $coat->turns === [] ? $left : 0.5 * $left;
    }

    /**
     * The heaviest such coat that keeps to both limits, by bisection: what leaves grows faster than what is laid.
     *
     * @param non-empty-list<Face> $faces
     */
    private static function holds(array $faces, Rheology $resin, Coat $coat): ?float
    {
        $holds = function (float $gM2) use ($faces, $resin, $coat): bool {
            $leaves = self::leaves($faces, $resin, new Coat($gM2, $coat->at, only: $coat->only));
            $laid = array_sum(array_map(
                fn (Face $f): float => ($coat->only === null || in_array($f->name, $coat->only, true) ? $gM2 : 0.0) * $f->lengthM,
                $faces,
            ));

            return $leaves <= self::HELD_SHARE * $laid && self::beadOf($leaves, $resin->densityGCm3) <= self::RUNS_FROM_MM;
        };
        if ($holds(self::MOST_GM2)) {
            return null;
        }
        [$low, $high] = [self::LEAST_GM2, self::MOST_GM2];
        for ($i = 0; $i < 20; $i++) {
            $middle = sqrt($low * $high);
            [$low, $high] = $holds($middle) ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }

    /** After a coat: when half of its flow is over, minutes. */
    public static function halfFlowMin(Rheology $resin, Temperature $t): float
    {
        return -$resin->gelAt($t) / Rheology::GROWTH * log(1.0 - 0.5 * (1.0 - exp(-Rheology::GROWTH)));
    }
}
