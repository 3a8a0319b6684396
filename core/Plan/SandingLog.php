<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Pass;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;

/**
 * The passes of one sanding step, zone by zone, as they were recorded. A pass without a zone went over all faces, and
 * edges, laps and corners had the last papers by hand.
 */
final readonly class SandingLog
{
    /**
     * @param list<Fact<Sanded>> $facts    in the order of time
     * @param int                $lastGrit with which the step ends
     */
    public function __construct(public array $facts, private SandingMethod $driven, private int $lastGrit)
    {
    }

    /**
     * Whether this pass, recorded without a zone or for this one, went over it.
     *
     * @param Fact<Sanded> $fact
     */
    public function goesOver(Fact $fact, Zone $zone): bool
    {
        if (! $fact->content->isWholePart() || ! $zone->kind->isSandedByHand()) {
            return $fact->content->isWholePart() || $fact->content->zone === $zone->name;
        }
        $whole = array_values(array_filter($this->facts, fn (Fact $f): bool => $f->content->isWholePart()));
        $last = $whole === [] ? 0 : $whole[count($whole) - 1]->content->grit;

        return $last >= $this->lastGrit && in_array($fact, array_slice($whole, $zone->kind === ZoneKind::Corner ? -2 : -1), true);
    }

    /** @return list<Pass> */
    public function on(Zone $zone): array
    {
        return array_values(array_map(
            fn (Fact $f): Pass => $this->pass($f, $zone),
            array_filter($this->facts, fn (Fact $f): bool => $this->goesOver($f, $zone)),
        ));
    }

    /** @param Fact<Sanded> $fact */
    public function pass(Fact $fact, Zone $zone): Pass
    {
        return new Pass(
            $fact->content->grit(),
            $zone->kind->isSandedByHand() ? SandingMethod::WetBlock : $fact->content->how ?? $this->driven,
            $fact->content->isWholePart() ? null : $fact->content->minutes,
            $fact->content->ended(),
        );
    }

    /**
     * The pass with which a paper of this number or finer had ended matt on the zone, or with which its weave showed: there no paper goes any more.
     *
     * @return Fact<Sanded>|null
     */
    public function through(Zone $zone, int $grit): ?Fact
    {
        foreach ($this->facts as $fact) {
            $pass = $fact->content;
            $end = $pass->ended();
            if (($pass->isWholePart() || $pass->zone === $zone->name)
                && ($end === PassEnd::Weave || $end === PassEnd::Matt && $pass->grit >= $grit)) {
                return $fact;
            }
        }

        return null;
    }

    /**
     * The pass with which every one of the zones was through a paper; null while one is not.
     *
     * @param list<Zone> $zones
     *
     * @return Fact<Sanded>|null
     */
    public function allThrough(array $zones, int $grit): ?Fact
    {
        $latest = null;
        foreach ($zones as $zone) {
            $fact = $this->through($zone, $grit);
            if ($fact === null) {
                return null;
            }
            $latest = $latest === null || [$fact->atMin, $fact->id] > [$latest->atMin, $latest->id] ? $fact : $latest;
        }

        return $latest;
    }

    /** How the last pass over the zone ended; null if none went over it. */
    public function endOn(Zone $zone): ?PassEnd
    {
        $passes = $this->on($zone);

        return $passes === [] ? null : $passes[count($passes) - 1]->end;
    }
}
