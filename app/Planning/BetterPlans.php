<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\KeptPlan;
use App\Models\PlanOffer;
use App\Models\Shop;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use OakGloss\Schedule\BetterPlan;
use OakGloss\Schedule\KeptPart;
use OakGloss\Schedule\StandingPlan;

/** Looks for plans that are better by more than their unrest. They are offered; nobody's times are moved for them silently. */
final class BetterPlans
{
    /** After so long without an act it is looked again: time closes some ways and opens others, seconds. */
    private const LOOK_AGAIN_S = 3600;

    public function __construct(
        private readonly Present $present,
        private readonly Planner $planner,
        private readonly OpenParts $open,
        private readonly PlannableParts $plannable,
        private readonly Fingerprint $fingerprint,
        private readonly KeptPlans $kept,
        private readonly PlanKeeper $keeper,
    ) {
    }

    /** The better plan that stands to be taken; null if there is none, or what there was is not possible any more. */
    public function offered(Shop $shop): ?PlanOffer
    {
        $offer = $shop->planOffers()->open()->orderByDesc('id')->first();

        return $offer !== null && $this->holds($offer) ? $offer : null;
    }

    /** Looks once for each state of the shop; for the loop that polls. */
    public function lookIfNew(Shop $shop): void
    {
        $key = "looked-{$shop->id}-".md5(json_encode([$this->kept->newest($shop)?->id, $shop->unrest_min], JSON_THROW_ON_ERROR));
        if (Cache::add($key, true, self::LOOK_AGAIN_S)) {
            $this->look($shop);
        }
    }

    /**
     * The long search. What it finds is offered only if nothing that it rests on has changed meanwhile.
     *
     * @param (Closure(float): void)|null $progress told the share that is done
     */
    public function look(Shop $shop, ?Closure $progress = null): ?PlanOffer
    {
        $this->present->anew();
        $this->withdrawImpossible($shop);
        $offered = $this->offered($shop);
        if ($offered !== null) {
            return $offered;
        }
        $newest = $this->kept->newest($shop);
        $state = $this->fingerprint->ofFacts($shop);
        $floor = $this->planner->floor($shop);
        $better = BetterPlan::of(
            $this->planner->chains($shop),
            $this->planner->standing($shop),
            $floor->crew,
            $floor->nowMin,
            $this->open->weights($shop),
            $this->planner->unrest($shop),
            progress: $progress,
        );
        if ($newest === null || $better === null || $this->isRefused($shop, $better)) {
            return null;
        }

        return DB::transaction(function () use ($shop, $better, $newest, $state, $floor): ?PlanOffer {
            return $this->fingerprint->ofFacts($shop) !== $state || $this->kept->newest($shop)?->id !== $newest->id
                ? null
                : PlanOffer::query()->create([
                'shop_id' => $shop->id,
                'kept_plan_id' => $newest->id,
                'made_at' => $floor->time->local($floor->nowMin)->utc(),
                'saves_min' => $better->savesMin,
                'places' => $this->kept->asRows($better->places, $floor),
                'parts' => $this->moves($shop, $better->places),
            ]);
        });
    }

    /** Puts it in place of the kept plan; false if it is not possible any more. */
    public function take(PlanOffer $offer, Shop $shop, User $user, \DateTimeInterface $now): bool
    {
        if ($offer->settled_at !== null || ! $this->holds($offer)) {
            return false;
        }
        $this->keeper->put($shop, $this->kept->fromRows($offer->places, $this->planner->floor($shop)), 'offer');
        $offer->update(['settled_at' => $now, 'settled_as' => 'taken', 'settled_by_id' => $user->id]);

        return true;
    }

    /** False if it was settled already. */
    public function refuse(PlanOffer $offer, User $user, \DateTimeInterface $now): bool
    {
        return PlanOffer::query()->whereKey($offer->id)->open()->update([
            'settled_at' => $now,
            'settled_as' => 'refused',
            'settled_by_id' => $user->id,
        ]) === 1;
    }

    private function withdrawImpossible(Shop $shop): void
    {
        foreach ($shop->planOffers()->open()->get() as $offer) {
            if (! $this->holds($offer)) {
                $offer->update([
                    'settled_at' => $this->planner->floor($shop)->time->local($this->planner->floor($shop)->nowMin)->utc(),
                    'settled_as' => 'impossible',
                ]);
            }
        }
    }

    /** Whether every rule would be kept if it were taken now, and it still is what it promises. */
    private function holds(PlanOffer $offer): bool
    {
        $shop = Shop::query()->findOrFail($offer->shop_id);
        $floor = $this->planner->floor($shop);
        $standing = $this->planner->standing($shop);
        $places = $this->kept->fromRows($offer->places, $floor);

        return array_diff_key($places, $standing) === []
            && $this->isWhatItBettered($offer, $standing)
            && StandingPlan::of($this->planner->chains($shop), $places + $standing, $floor->crew, $floor->nowMin)->stands();
    }

    /**
     * The parts are still ready when they were without it.
     *
     * @param array<int, KeptPart> $standing
     */
    private function isWhatItBettered(PlanOffer $offer, array $standing): bool
    {
        foreach ($offer->parts as $id => $part) {
            if (! isset($standing[$id]) || PlanKeeper::isMove($part['from'], $standing[$id]->endMin())) {
                return false;
            }
        }

        return true;
    }

    /** What was left once is offered again only where it has become better by more than the unrest. */
    private function isRefused(Shop $shop, BetterPlan $better): bool
    {
        $refused = $shop->planOffers()->where('settled_as', 'refused')->orderByDesc('id')->first();
        $moved = $refused === null
            ? null
            : KeptPlan::query()->where('shop_id', $shop->id)->where(
                'id',
                '>',
                $refused->kept_plan_id,
            )->where('changes', '!=', '[]')->exists();

        return $refused !== null && ! $moved && $better->savesMin <= $refused->saves_min + $shop->unrest_min;
    }

    /**
     * @param array<int|string, KeptPart> $places
     *
     * @return array<int|string, array{letter: string, from: float|null, to: float|null}>
     */
    private function moves(Shop $shop, array $places): array
    {
        $standing = $this->planner->standing($shop);
        $letters = $this->plannable->of($shop)->pluck('letter', 'id');
        $moves = [];
        foreach ($places as $id => $part) {
            $moves[$id] = ['letter' => (string) $letters[$id], 'from' => ($standing[$id] ?? null)?->endMin(), 'to' => $part->endMin()];
        }

        return $moves;
    }
}
