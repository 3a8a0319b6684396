<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Ladder;
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
     * @param list<Fact<Sanded>> $facts      in the order of time
     * @param int                $lastGrit   with which the step ends
     * @param bool               $leavesLows ridges alone go: it is done with lows, and who says nothing left some
     */
    public function __construct(
        public array $facts,
        private SandingMethod $driven,
        private int $lastGrit,
        public bool $leavesLows = false,
    ) {
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
            $zone->kind->isSandedByHand()
                ? SandingMethod::WetBlock
                : $fact->content->how ?? Machine::over($zone, $this->driven, $fact->content->grit()),
            $fact->content->isWholePart() ? null : $fact->content->minutes,
            $this->ended($fact->content),
        );
    }

    /**
     * The pass with which a paper of this number or finer had ended matt on the zone, or with which its weave showed:
     * there no paper goes any more.
     *
     * @return Fact<Sanded>|null
     */
    public function through(Zone $zone, int $grit): ?Fact
    {
        foreach ($this->facts as $fact) {
            $pass = $fact->content;
            $end = $this->ended($pass);
            if (($pass->isWholePart() || $pass->zone === $zone->name)
                && ($end === PassEnd::Weave || $this->endsWith($end) && $pass->grit >= $grit)) {
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

    private function ended(Sanded $pass): PassEnd
    {
        return $this->leavesLows && $pass->end === null && $pass->minutes === null ? PassEnd::Lows : $pass->ended();
    }

    private function endsWith(PassEnd $end): bool
    {
        return $end === PassEnd::Matt || ($this->leavesLows && $end === PassEnd::Lows);
    }

    /** How the last pass over the zone ended; null if none went over it. */
    public function endOn(Zone $zone): ?PassEnd
    {
        $passes = $this->on($zone);

        return $passes === [] ? null : $passes[count($passes) - 1]->end;
    }

    /**
     * Minutes of the ladder for the faces that are not through a paper yet; of one that is done, all of it.
     *
     * @param list<Zone> $zones
     */
    public function minutesAhead(array $zones, Ladder $ladder, bool $isDone): float
    {
        $faces = array_filter($zones, fn (Zone $z): bool => ! $z->kind->isSandedByHand());
        if ($this->facts === [] || $isDone || $faces === []) {
            return $ladder->minutes;
        }
        $area = array_sum(array_map(fn (Zone $z): float => $z->areaM2, $faces));
        $minutes = 0.0;
        foreach ($ladder->steps as $i => $rung) {
            $open = array_sum(array_map(
                fn (Zone $z): float => $this->through($z, $rung->grit->number) === null ? $z->areaM2 : 0.0,
                $faces,
            )) / $area;
            $minutes += $open * $rung->minutes + ($open > 0.0 && $i > 0 ? Ladder::CHANGE_MIN : 0.0);
        }

        return $minutes;
    }

    /**
     * @param list<Zone> $zones
     *
     * @return list<int> papers that every zone is through: faces each of them, edges the last
     */
    public function throughEverywhere(array $zones, ?Ladder $ladder): array
    {
        $faces = array_values(array_filter($zones, fn (Zone $z): bool => ! $z->kind->isSandedByHand()));
        $papers = array_map(fn (Fact $f): int => $f->content->grit, $this->facts);
        sort($papers);
        $last = $ladder?->last()->number ?? 0;

        return array_values(array_filter(
            array_unique($papers),
            fn (int $p): bool => $this->allThrough($p >= $last || $faces === [] ? $zones : $faces, $p) !== null,
        ));
    }
}
