<?php

declare(strict_types=1);

namespace OakGloss\Film;

/**
 * Faces in the order in which a wet film runs over them. With the film scaled by its load h0, what a face keeps of a
 * coat depends on τ = h0²·ρ g·teff/3η alone, so that what runs past a joint is one curve for every full coat, resin and
 * temperature; it is kept by faces and loads. Faces that have another below them count as 5° at least: a level panel
 * feeds its rims. The lowest in the present direction of flow does not.
 */
final readonly class FallLine
{
    public const LEAST_FEEDING_DEG = 5.0;
    /** Nodes of a kept curve: from 10⁻⁴ to 10⁴ m, so many a decade; error of a 6 mm strip under a long face below 1 %. */
    private const DECADES = [-4, 4];
    private const NODES_A_DECADE = 60;
    /** Pieces of a face, and moments of a stretch of flow, where the part is turned. */
    private const PIECES = 40;
    private const MOMENTS = 60;
    private const KEPT_CURVES = 500;

    /**
     * @param non-empty-list<Face>  $faces from the top down
     * @param non-empty-list<float> $loads of each over the heaviest, 0 to 1
     */
    public function __construct(private array $faces, private array $loads)
    {
    }

    /** What the last face keeps, unturned, over h0: by its own slope, under what its faces above feed it. */
    public function keptByLast(float $tau): float
    {
        $nodes = self::nodes();
        $k = (int) floor(self::NODES_A_DECADE * (log10(max(1e-300, $tau)) - self::DECADES[0]));
        if ($k < 0 || $k >= count($nodes) - 2) {
            return $this->lastFlow()->mass(1, $tau) / $this->faces[count($this->faces) - 1]->lengthM;
        }
        $kept = $this->keptCurve($nodes);
        $share = log($tau / $nodes[$k + 1]) / log($nodes[$k + 2] / $nodes[$k + 1]);

        return $kept[$k + 1] + ($kept[$k + 2] - $kept[$k + 1]) * $share;
    }

    /**
     * What every face keeps over h0, and what left at either end, per metre of width over h0.
     *
     * @param list<float> $turns shares of the flow at which the part is turned over, rising, between 0 and 1
     *
     * @return array{kept: list<float>, left: float}
     */
    public function kept(float $tau, array $turns = []): array
    {
        if ($turns === []) {
            return $this->keptUnturned($tau);
        }
        /** @var array<string, array{kept: list<float>, left: float}> $turned */
        static $turned = [];
        $key = $this->keyTo(count($this->faces) - 1)."#{$tau}#".implode('/', $turns);
        if (isset($turned[$key])) {
            return $turned[$key];
        }
        $turned = count($turned) < self::KEPT_CURVES ? $turned : [];
        $lengths = array_map(fn (Face $f): float => $f->lengthM, $this->faces);
        $masses = array_map(fn (float $load, float $length): array => self::even($load, $length), $this->loads, $lengths);
        $begin = 0.0;
        foreach ([...$turns, 1.0] as $n => $end) {
            $masses = $this->flown($masses, $tau * ($end - $begin), $n % 2 === 1);
            $begin = $end;
        }
        $kept = array_map(fn (array $m, float $length): float => $m[self::PIECES] / $length, $masses, $lengths);
        $all = array_sum(array_map(fn (float $load, float $length): float => $load * $length, $this->loads, $lengths));

        return $turned[$key] = [
            'kept' => $kept,
            'left' => max(0.0, $all - array_sum(array_map(fn (float $k, float $length): float => $k * $length, $kept, $lengths))),
        ];
    }

    /** @return array{kept: list<float>, left: float} */
    private function keptUnturned(float $tau): array
    {
        $last = count($this->faces) - 1;
        [$kept, $in] = [[], 0.0];
        foreach ($this->faces as $i => $face) {
            $out = ($i === $last ? $this->lastFlow()->past(1, $tau) : $this->pastJoint($i)->at($tau));
            $kept[] = max(0.0, $this->loads[$i] + ($in - $out) / $face->lengthM);
            $in = $out;
        }

        return ['kept' => $kept, 'left' => $in];
    }

    private function lastFlow(): FaceFlow
    {
        $last = count($this->faces) - 1;
        $face = $this->faces[$last];

        return FaceFlow::even(
            $this->sine($last, true),
            $face->lengthM,
            $this->loads[$last],
            $last === 0 ? null : $this->pastJoint($last - 1),
        );
    }

    /**
     * A stretch of flow in one direction.
     *
     * @param non-empty-list<non-empty-list<float>> $masses by face, from its upper end to each of its edges
     *
     * @return non-empty-list<non-empty-list<float>>
     */
    private function flown(array $masses, float $time, bool $upwards): array
    {
        $order = array_keys($this->faces);
        $order = $upwards ? array_reverse($order) : $order;
        $in = null;
        $flown = $masses;
        foreach ($order as $place => $i) {
            $isLowest = $place === count($order) - 1;
            $length = $this->faces[$i]->lengthM;
            $start = $upwards ? self::turned($masses[$i]) : $masses[$i];
            $flow = new FaceFlow(
                $this->sine($i, $isLowest),
                array_map(fn (int $k): float => $length * $k / self::PIECES, range(0, self::PIECES)),
                $start,
                $in,
            );
            $end = array_map(fn (int $k): float => $k === 0 ? 0.0 : $flow->mass($k, $time), range(0, self::PIECES));
            $flown[$i] = $upwards ? self::turned($end) : $end;
            $in = $isLowest
                ? null
                : $flow->outflow(array_map(fn (int $k): float => $time * ($k / self::MOMENTS) ** 3, range(0, self::MOMENTS)));
        }

        return $flown;
    }

    /**
     * What the last face keeps at each node.
     *
     * @param non-empty-list<float> $nodes
     *
     * @return non-empty-list<float>
     */
    private function keptCurve(array $nodes): array
    {
        /** @var array<string, non-empty-list<float>> $curves */
        static $curves = [];
        $last = count($this->faces) - 1;
        $key = $this->keyTo($last);
        if (! isset($curves[$key])) {
            $curves = count($curves) < self::KEPT_CURVES ? $curves : [];
            $flow = $this->lastFlow();
            [$since, $kept] = [1, []];
            foreach ($nodes as $tau) {
                $kept[] = $flow->mass(1, $tau, $since) / $this->faces[$last]->lengthM;
            }
            $curves[$key] = $kept;
        }

        return $curves[$key];
    }

    private function keyTo(int $i): string
    {
        return implode(
            '|',
            array_map(
                fn (Face $f, float $load): string => "{$f->slopeDeg}/{$f->lengthM}/{$load}",
                array_slice($this->faces, 0, $i + 1),
                array_slice($this->loads, 0, $i + 1),
            ),
        );
    }

    /** What runs past the lower end of a face that feeds another. */
    private function pastJoint(int $i): FlowCurve
    {
        /** @var array<string, FlowCurve> $curves */
        static $curves = [];
        $key = $this->keyTo($i);
        if (! isset($curves[$key])) {
            $curves = count($curves) < self::KEPT_CURVES ? $curves : [];
            $curves[$key] = FaceFlow::even(
                $this->sine($i, false),
                $this->faces[$i]->lengthM,
                $this->loads[$i],
                $i === 0 ? null : $this->pastJoint($i - 1),
            )->outflow(self::nodes());
        }

        return $curves[$key];
    }

    private function sine(int $i, bool $isLowest): float
    {
        $slope = $this->faces[$i]->slopeDeg;

        return sin(deg2rad($isLowest ? $slope : max(self::LEAST_FEEDING_DEG, $slope)));
    }

    /** @return non-empty-list<float> */
    private static function nodes(): array
    {
        /** @var non-empty-list<float>|null $kept */
        static $kept = null;
        if ($kept !== null) {
            return $kept;
        }
        $nodes = [0.0];
        for ($k = self::DECADES[0] * self::NODES_A_DECADE; $k <= self::DECADES[1] * self::NODES_A_DECADE; $k++) {
            $nodes[] = 10.0 ** ($k / self::NODES_A_DECADE);
        }

        return $kept = $nodes;
    }

    /** @return non-empty-list<float> */
    private static function even(float $load, float $length): array
    {
        return array_map(fn (int $k): float => $load * $length * $k / self::PIECES, range(0, self::PIECES));
    }

    /**
     * The same film counted from the other end.
     *
     * @param non-empty-list<float> $masses
     *
     * @return non-empty-list<float>
     */
    private static function turned(array $masses): array
    {
        $all = $masses[count($masses) - 1];

        return array_map(fn (float $m): float => $all - $m, array_reverse($masses));
    }
}
