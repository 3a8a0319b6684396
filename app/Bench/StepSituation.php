<?php

declare(strict_types=1);

namespace App\Bench;

use App\Planning\PlannedPart;
use OakGloss\Fact\Situation;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Choice\Tilting;
use OakGloss\Method\Slot;
use OakGloss\Plan\PlannedStep;

/** A step of a planned part, at the moment at which something is recorded of it. */
final readonly class StepSituation implements Situation
{
    private ?PlannedStep $of;

    public function __construct(private PlannedPart $planned, private string $step, private float $atMin)
    {
        $this->of = $planned->plan->step($step);
    }

    public function inTheCupG(): ?float
    {
        $grams = array_sum(array_map(
            fn (string $c): float => $this->planned->plan->log->weighedG($this->step, $c),
            ['resin', 'hardener', 'pigment'],
        ));

        return $grams > 0.0 ? round($grams, 3) : null;
    }

    public function coatedOnly(): ?array
    {
        return $this->of?->step->layer?->only;
    }

    public function isTilted(): bool
    {
        return $this->planned->plan->brief->choices->of(Tilting::class);
    }

    public function mixOff(): ?float
    {
        $cup = Cup::forStep($this->planned, $this->step);
        $off = $cup?->offBy();

        return $off === null ? null : round($off, 4);
    }

    public function coatAgeMin(): ?float
    {
        if ($this->of?->step->layer === null
            || $this->of->doneAtMin === null
            || isset($this->planned->plan->materials->mixed[$this->step])) {
            return null;
        }
        $age = $this->planned->schedule->clocks->forecastOf($this->of)->age($this->of->doneAtMin, $this->atMin);

        return $age < 1.0 ? null : round($age, 1);
    }

    public function resinId(): int
    {
        return $this->planned->part->resin($this->of->step->layer->slot ?? Slot::Skin)->id;
    }

    public function leakLimitMbar(): float
    {
        return $this->planned->plan->shop->leakMbar;
    }

    public function hasZone(string $name): bool
    {
        return in_array($name, array_map(fn (Zone $z): string => $z->name, $this->planned->plan->brief->coatedZones()), true);
    }
}
