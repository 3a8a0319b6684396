<?php

declare(strict_types=1);

namespace App\Planning;

use App\Time\ShopTime;
use OakGloss\Method\Finding;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;

/** One way to do it and what it comes to. */
final readonly class PricedChoice
{
    public function __construct(
        public string $field,
        public string $value,
        public bool $isCurrent,
        public ?Finding $refusal,
        public ?float $readyMin,
        public float $grams,
        public float $handsMin,
        public float $risk,
        /** The chance that any of the worst zone shows. */
        public float $anyShows,
        /** Coats that are still mixed, each a batch of its own. */
        public int $mixes,
        /** Share of a show zone that the nib paper would cut to the fibre. */
        public float $nibRisk,
        /** Of the choice that stands: when it would be ready if the part were placed anew without any change. */
        public ?float $anewMin = null,
        /** @var list<string> local dates that ask for hands */
        public array $days = [],
    ) {
    }

    /**
     * The fields of two choices at once, as they are written: `wet_out=at_once&after_wet_out=second_at_tack`.
     *
     * @return array<string, string>
     */
    public static function pair(string $written): array
    {
        parse_str($written, $read);
        $pair = [];
        foreach ($read as $field => $value) {
            $pair[(string) $field] = is_string($value) ? $value : '';
        }

        return $pair;
    }

    /** @param FinishPlan|null $was as it stands: what that is refused for already speaks against no choice */
    public static function of(
        string $field,
        string $value,
        bool $isCurrent,
        PlannedPart $planned,
        ?PlannedPart $anew = null,
        ?FinishPlan $was = null,
    ): self {
        return new self(
            $field,
            $value,
            $isCurrent,
            $planned->plan->refusedSince($was)[0] ?? null,
            $planned->schedule->readyMin(),
            $planned->plan->weighedGrams(),
            $planned->plan->handsAheadMin(),
            $planned->plan->worst()?->risk() ?? 0.0,
            $planned->plan->worst()?->anyShows() ?? 0.0,
            count(array_filter($planned->plan->ahead(), fn (PlannedStep $s): bool => $s->batch !== null)),
            $planned->plan->keyedThrough()[1] ?? 0.0,
            $anew?->schedule->readyMin(),
            self::days($planned),
        );
    }

    /** @return list<string> */
    private static function days(PlannedPart $planned): array
    {
        $time = new ShopTime($planned->part->shop->zone);
        $days = [];
        foreach ($planned->plan->ahead() as $step) {
            $slot = $planned->schedule->slot($step->step->key);
            if ($slot !== null && $step->handsMin > 0.0) {
                $day = $time->local($slot->startMin)->format('Y-m-d');
                $days[$day] = $day;
            }
        }

        return array_values($days);
    }
}
