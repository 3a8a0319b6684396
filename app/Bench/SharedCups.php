<?php

declare(strict_types=1);

namespace App\Bench;

use App\Planning\PlannedPart;
use App\Planning\Planner;
use OakGloss\Plan\CupNotices;
use OakGloss\Schedule\ActState;

/** Parts at the same stage that can be coated from one cup: the same resin, now, and hands that spread it before it gels. */
final readonly class SharedCups
{
    public function __construct(private Planner $planner)
    {
    }

    /** @return list<Cup> cups of other parts that may be weighed with this one, each by itself */
    public function partners(Cup $cup): array
    {
        if ($cup->isBegun() || $cup->batch->drops !== null || ! $this->isDue($cup->planned)) {
            return [];
        }
        $partners = [];
        foreach ($this->planner->all($cup->planned->part->shop) as $planned) {
            $step = $planned->plan->next()?->step->key;
            if ($planned->part->id === $cup->planned->part->id || $step === null || ! $this->isDue($planned)) {
                continue;
            }
            $other = Cup::forStep($planned, $step);
            if ($other !== null && ! $other->isBegun() && $this->isAlike($cup, $other) && $this->isSpread($cup, [$other])) {
                $partners[] = $other;
            }
        }

        return $partners;
    }

    /**
     * As one cup with those that a form names, such as `12:build-2 15:build-2`.
     *
     * @return Cup|null null where one of them can't share it any more
     */
    public function together(Cup $cup, string $with): ?Cup
    {
        $others = [];
        foreach (array_filter(explode(' ', $with)) as $name) {
            [$part, $step] = explode(':', $name) + ['', ''];
            $planned = $this->planner->all($cup->planned->part->shop)[(int) $part] ?? null;
            $other = $planned === null ? null : Cup::forStep($planned, $step);
            if ($other === null || ! $this->isAlike($cup, $other) || $other->planned->part->id === $cup->planned->part->id) {
                return null;
            }
            $others[] = $other;
        }

        if ($others === []) {
            return $cup;
        }
        // A cup that is begun goes on; one that begins is of parts that are due, and spread before it gels.
        $isDue = array_filter([$cup, ...$others], fn (Cup $c): bool => ! $this->isDue($c->planned)) === [];

        return $cup->isBegun() || ($isDue && $this->isSpread($cup, $others)) ? $cup->sharedWith(...$others) : null;
    }

    public static function name(Cup $cup): string
    {
        return "{$cup->planned->part->id}:{$cup->step->step->key}";
    }

    private function isDue(PlannedPart $planned): bool
    {
        return in_array($planned->next?->state, [ActState::Open, ActState::Ready, ActState::Keyed], true);
    }

    /** One jar, one ratio, one tint. */
    private function isAlike(Cup $cup, Cup $other): bool
    {
        return $cup->resin->name === $other->resin->name && $other->batch->drops === null
            && abs($cup->batch->ratio->hardenerPerResin - $other->batch->ratio->hardenerPerResin) < 1e-9
            && abs($cup->pigmentFraction - $other->pigmentFraction) < 1e-9;
    }

    /**
     * In one cup, by one pair of hands, one part after the other.
     *
     * @param list<Cup> $others
     */
    private function isSpread(Cup $cup, array $others): bool
    {
        $floor = $cup->planned->floor;
        $grams = $cup->sharedWith(...$others)->batch->totalG();
        $gM2 = max(1.0, min(array_map(fn (Cup $c): float => $c->step->laidGM2 ?? 1.0, [$cup, ...$others])));

        return CupNotices::cupsOf($cup->resin, $grams, $gM2, $floor->workshop, $floor->airNowC())?->cups === 1;
    }
}
