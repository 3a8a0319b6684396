<?php

declare(strict_types=1);

namespace OakGloss\Film;

/**
 * One face in a chain: ∂u/∂τ + ∂(s u³)/∂x = 0, u the film over the heaviest load, s the sine of the slope, τ in metres.
 * The flux is convex and all waves run downhill, so that what has passed a line is a maximum over where it started
 * (Lax 1957 and Oleinik 1957): from the face itself, or from its upper end at an earlier moment. Between nodes both
 * are straight, and the maximum on a piece is exact; there is no time step.
 */
final readonly class FaceFlow
{
    /** Of the price w^1.5 · (2/3)/√(3s) / √τ that a piece of film pays for getting w metres far. */
    private float $price;

    /**
     * @param float                 $sine  of the slope, 0 to 1
     * @param non-empty-list<float> $edges from the upper end, m, rising from 0 to the face's length
     * @param non-empty-list<float> $mass  between the upper end and each edge at the beginning
     * @param FlowCurve|null        $in    what comes in at the upper end
     */
    public function __construct(private float $sine, private array $edges, private array $mass, private ?FlowCurve $in)
    {
        $this->price = $sine > 0.0 ? 2.0 / 3.0 / sqrt(3.0 * $sine) : INF;
    }

    /** Evenly loaded. */
    public static function even(float $sine, float $lengthM, float $load, ?FlowCurve $in): self
    {
        return new self($sine, [0.0, $lengthM], [0.0, $load * $lengthM], $in);
    }

    /**
     * What has passed an edge by a moment: the last one is the foot.
     *
     * @param int $since piece of the inflow that the answer came from; what comes later never comes from an earlier one
     */
    public function past(int $edge, float $time, int &$since = 1): float
    {
        if ($edge === 0) {
            return $this->in?->at($time) ?? 0.0;
        }
        if ($this->sine <= 0.0 || $time <= 0.0) {
            return 0.0;
        }

        return max($this->fromFace($edge, $time), $this->in === null ? 0.0 : $this->fromAbove($edge, $time, $this->in, $since));
    }

    /** What lies between the upper end and an edge at a moment. */
    public function mass(int $edge, float $time, int &$since = 1): float
    {
        return max(0.0, $this->mass[$edge] + $this->past(0, $time) - $this->past($edge, $time, $since));
    }

    /** @param non-empty-list<float> $times rising */
    public function outflow(array $times): FlowCurve
    {
        $foot = count($this->edges) - 1;
        $past = [];
        $since = 1;
        foreach ($times as $time) {
            $past[] = $this->past($foot, $time, $since);
        }

        return new FlowCurve($times, $past);
    }

    private function fromFace(int $edge, float $time): float
    {
        $price = $this->price / sqrt($time);
        $most = 0.0;
        for ($i = 0; $i < $edge; $i++) {
            $width = $this->edges[$i + 1] - $this->edges[$i];
            $film = ($this->mass[$i + 1] - $this->mass[$i]) / $width;
            $least = $this->edges[$edge] - $this->edges[$i + 1];
            // The film's own wave gets this far; the piece's ends bound it.
            $far = max($least, min($least + $width, (2.0 * $film / (3.0 * $price)) ** 2));
            $most = max($most, $this->mass[$edge] - $this->mass[$i + 1] + $film * ($far - $least) - $price * $far ** 1.5);
        }

        return $most;
    }

    private function fromAbove(int $edge, float $time, FlowCurve $in, int &$since): float
    {
        $price = $this->price * $this->edges[$edge] ** 1.5;
        [$times, $past] = [$in->times, $in->past];
        $most = -INF;
        for ($i = $since, $n = count($times); $i < $n && $times[$i - 1] < $time; $i++) {
            $until = $times[$i] < $time ? $times[$i] : $time;
            $flow = ($past[$i] - $past[$i - 1]) / ($times[$i] - $times[$i - 1]);
            $start = $flow > 0.0 ? $time - ($price / (2.0 * $flow)) ** (2.0 / 3.0) : $times[$i - 1];
            $start = $start < $times[$i - 1] ? $times[$i - 1] : ($start > $until ? $until : $start);
            if ($start < $time) {
                $passes = $past[$i - 1] + $flow * ($start - $times[$i - 1]) - $price / sqrt($time - $start);
                if ($passes > $most) {
                    [$most, $since] = [$passes, $i];
                }
            }
        }

        return $this->mass[$edge] + $most;
    }
}
