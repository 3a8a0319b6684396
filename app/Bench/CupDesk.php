<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Part;
use App\Models\User;
use App\Planning\Planner;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kind\Weighed;

/** Where cups are weighed: what is poured becomes facts, of each part that it is for. */
final readonly class CupDesk
{
    public function __construct(
        public SharedCups $shared,
        public Scales $scales,
        private Planner $planner,
        private Recorder $recorder,
    ) {
    }

    /** Null where the step is done, or mixes nothing. */
    public function cup(Part $part, string $step): ?Cup
    {
        return Cup::forStep($this->planner->plan($part), $step);
    }

    /** @param float|null $agoMin since it came to rest on the scale; null of what was typed */
    public function keep(Cup $cup, User $user, string $component, float $grams, ?float $agoMin): void
    {
        $floor = $cup->planned->floor;
        $cupG = $cup->with === [] ? null : $grams;
        $by = $agoMin === null ? null : 'scale';
        $at = $agoMin === null ? null : $floor->nowMin - $agoMin;
        foreach ($cup->shares($grams) as $n => $share) {
            $of = $n === 0 ? $cup : $cup->with[$n - 1];
            $step = $of->step->step->key;
            if ($n > 0 && ! $of->check()->isMade()) {
                $this->recorder->record($of->planned->part, $user, $floor, $step, new Ready(true));
            }
            $this->recorder->record($of->planned->part, $user, $floor, $step, new Weighed($component, $share, $by, $cupG), $at);
        }
    }

    /** What was recorded of a jar in this cup is struck out: it went back. */
    public function takeBack(Cup $cup, User $user, string $component, string $why): void
    {
        [$planned, $step] = [$cup->planned, $cup->step->step->key];
        foreach ($planned->plan->log->inCup($step) as $fact) {
            if ($fact->content->component === $component) {
                $this->recorder->record($planned->part, $user, $planned->floor, $step, new Struck($fact->id, $why));
            }
        }
    }

    /** The two jars stood the other way round: what was recorded of them is struck out, and kept as it is. */
    public function swap(Cup $cup, User $user): void
    {
        [$planned, $step] = [$cup->planned, $cup->step->step->key];
        foreach ($planned->plan->log->inCup($step) as $fact) {
            $other = ['resin' => 'hardener', 'hardener' => 'resin'][$fact->content->component] ?? null;
            if ($other === null) {
                continue;
            }
            $struck = new Struck($fact->id, (string) __('weigh.jars_swapped'));
            $poured = new Weighed($other, $fact->content->grams, $fact->content->by, $fact->content->cupG);
            $this->recorder->record($planned->part, $user, $planned->floor, $step, $struck);
            $this->recorder->record($planned->part, $user, $planned->floor, $step, $poured, $fact->atMin);
        }
    }
}
