<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** A lay-up that is longer than a day's hands ends on peel ply: torn off, it leaves a clean and keyed face to go on from. */
final class PeelPly
{
    /** Of a session so much is left for what follows the last ply, min (ours). */
    private const LEFT_MIN = 60.0;

    /** Peel ply goes into what is wet, min. */
    private const WET_MIN = 25.0;

    /** A torn face is as clean as it was under the fabric for so long, min (ours). */
    private const FRESH_MIN = 240.0;

    /**
     * @param list<Step> $plies each in the wet of the one before
     *
     * @return list<Step> the same, where they don't fit into one session with peel ply between the sessions
     */
    public static function between(Job $job, array $plies): array
    {
        $room = max(30.0, $job->shop->sessionMin - self::LEFT_MIN);
        $sessions = (int) ceil(self::handsMin($plies) / $room);
        $each = (int) ceil(count($plies) / max(1, $sessions));
        $steps = [];
        foreach ($plies as $i => $ply) {
            if ($i > 0 && $i % $each === 0) {
                $n = intdiv($i, $each);
                $steps[] = Step::of(Role::PeelPly)->nth($n, isSaid: false)->after(Follow::minutes(0.0, self::WET_MIN))
                    ->taking(4.0 + 6.0 * $job->areaM2);
                $steps[] = Step::of(Role::TearPeel)->nth($n, isSaid: false)->after(Follow::onceSandable($plies[$i - 1]->key))
                    ->taking(3.0 + 4.0 * $job->areaM2);
                $ply = $ply->after(Follow::minutes(0.0, self::FRESH_MIN));
            }
            $steps[] = $ply;
        }

        return $steps;
    }

    /** @param list<Step> $plies */
    public static function handsMin(array $plies): float
    {
        return array_sum(array_map(fn (Step $s): float => $s->handsMin, $plies));
    }
}
