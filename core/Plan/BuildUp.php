<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\PassEnd;
use OakGloss\Cure\Milestone;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Skipped;
use OakGloss\Geometry\Zone;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Choice\AgainstPrintThrough;
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\SecondPasses;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Choices;
use OakGloss\Method\CoatCount;
use OakGloss\Method\CoatCounts;
use OakGloss\Method\CrackOrChip;
use OakGloss\Method\Job;
use OakGloss\Method\Materials;
use OakGloss\Method\Method;
use OakGloss\Method\PartBrief;
use OakGloss\Method\PostCure;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Role;
use OakGloss\Method\Step;
use OakGloss\Method\Top;
use OakGloss\Method\Workshop;
use OakGloss\Quantity\Temperature;

/** The steps of a part with as many build coats, second passes and tack coats as facts and film ask for. */
final class BuildUp
{
    private readonly Choices $choices;

    private readonly SkinForecast $forecast;

    /** Rims are rounded first to this at least, mm. */
    public const ROUND_TO_MM = 1.5;

    /** A fill stands over what is around it by so much, so that one block levels both, µm (ours). */
    private const PROUD_UM = 30.0;

    private ?int $liftPlies = null;

    /** Over rims alone, where nobody chose a number and they ask for it. */
    private int $rimPasses = 0;

    private const MOST_RIM_PASSES = 3;

    /** @param bool $missedLay the cloth is still to be laid and its base no longer holds it */
    public function __construct(
        private readonly PartBrief $brief,
        private readonly Materials $materials,
        private readonly Method $method,
        private readonly Workshop $shop,
        private readonly FactLog $log,
        private readonly ?ClearPlan $clear,
        private readonly ?ClearPlan $filler,
        private readonly bool $missedLay,
    ) {
        $this->choices = self::boundByFacts($brief->choices, $log);
        $this->forecast = new SkinForecast($brief, $materials, $shop, $log);
    }

    /** @return array{coats: int, steps: list<PlannedStep>, now: list<ZoneState>, job: Job} */
    public function best(): array
    {
        $count = $this->method->coatCount();
        $isOpen = $this->log->ofRole($count->settledBy, Sanded::class, Skipped::class) === [];
        $laid = $this->log->laid($count->coat);
        $least = max(
            $isOpen ? $count->least : min(1, $count->least),
            $laid + $this->moreForLows($count),
            $isOpen ? min(FinishPlan::MOST_BUILD_COATS, $this->coatsForDepth()) : 0,
        );
        $hasChoice = isset($this->method->choices()[BuildCoats::class]);
        $chosen = $hasChoice ? $this->choices->of(BuildCoats::class) : null;
        $coats = max($chosen ?? $least, $least);
        $steps = $this->walk($coats);
        if ($chosen === null && $isOpen && $count->atOnce > 0) {
            $best = [$coats, $steps];
            $target = $this->shop->targetBurnThrough;
            while ($this->risk($steps) > $target && $coats + $count->atOnce <= FinishPlan::MOST_BUILD_COATS) {
                $steps = $this->walk($coats += $count->atOnce);
                if ($this->risk($steps) < $this->risk($best[1])) {
                    $best = [$coats, $steps];
                }
            }
            [$coats, $steps] = $best;
        }
        while ($isOpen && $this->rimPasses < self::MOST_RIM_PASSES && $this->rimsInNeed($steps) !== []) {
            $this->rimPasses++;
            $steps = $this->walk($coats);
        }
        $steps = $this->walk($coats, $this->postCure($steps));
        $job = $this->job($coats, self::passedZones($this->log), null);

        return ['coats' => $coats, 'steps' => $steps, 'now' => $this->forecast->zonesNow(), 'job' => $job];
    }

    /** So many coats fill a damaged place of a depth that was measured, and stand proud of what is around it. */
    private function coatsForDepth(): int
    {
        $depthUm = CrackOrChip::toCoatUm($this->choices);
        $resin = $this->materials->skinResin->rheology;
        $coatUm = BuildWeight::gM2($this->choices, $this->shop->weights->buildGM2) / $resin->densityGCm3 * (1.0 - $resin->shrinkage);

        return $depthUm <= 0.0 ? 0 : (int) ceil(($depthUm + self::PROUD_UM) / $coatUm);
    }

    /** Where coats go on in rounds, lows that were seen since the last one ask for one round more. */
    private function moreForLows(CoatCount $count): int
    {
        $coats = $this->log->ofRole($count->coat, CoatOn::class);
        $newest = $coats === [] ? null : $coats[count($coats) - 1];
        $ends = [];
        foreach ($count->atOnce > 1 ? $this->log->ofRole(Role::ResinFlat, Sanded::class) : [] as $pass) {
            if ($newest === null || $newest->isBefore($pass)) {
                $ends = $pass->content->isWholePart() ? [] : $ends;
                $ends[(string) $pass->content->zone] = $pass->content->end;
            }
        }

        return in_array(PassEnd::Lows, $ends, true) ? $count->atOnce : 0;
    }

    /** @return list<PlannedStep> */
    private function walk(int $coats, ?PostCure $postCure = null): array
    {
        $laid = self::passedZones($this->log);
        $steps = $this->forecast->walk($this->steps($this->job($coats, $laid, $postCure)));
        if (SecondPasses::number($this->choices) + $this->rimPasses === 0) {
            return $steps;
        }
        $more = $this->rimPasses > 0 ? $this->rimsInNeed($steps) : self::weakZones($steps, $this->shop->targetBurnThrough);
        $weak = array_values(array_unique([...$laid, ...$more]));

        // Where every zone is thin it is one more coat for all that is wanted.
        return $weak === $laid || count($weak) >= count($this->brief->coatedZones())
            ? $steps
            : $this->forecast->walk($this->steps($this->job($coats, $weak, $postCure)));
    }

    /** Whether faces alone set the count, and rims have passes of their own where they ask for more. */
    private function isByFaces(): bool
    {
        return isset($this->method->choices()[SecondPasses::class])
            && $this->choices->of(SecondPasses::class) === SecondPasses::AS_RIMS_NEED;
    }

    /** A sharp rim of a part that nothing lies on yet is rounded: that is offered before any coat for it. */
    private function canRound(Zone $zone): bool
    {
        return $zone->face->easedUm !== null && $zone->radiusMm < self::ROUND_TO_MM && $this->brief->film === null
            && $this->log->all(CoatOn::class) === [];
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<string> rims that a flatting ahead endangers, and no paper can round any more
     */
    private function rimsInNeed(array $steps): array
    {
        $names = $this->isByFaces() ? self::weakZones($steps, $this->shop->targetBurnThrough) : [];
        $rims = array_filter(
            $this->brief->coatedZones(),
            fn (Zone $z): bool => in_array($z->name, $names, true) && $z->face->easedUm !== null && ! $this->canRound($z),
        );

        return array_values(array_map(fn (Zone $z): string => $z->name, $rims));
    }

    /** @return list<Step> */
    private function steps(Job $job): array
    {
        return Mends::among(LyingCoats::among($this->method->steps($job), $job, $this->log), $job, $this->log);
    }

    /**
     * @param list<PlannedStep> $steps
     *
     * @return list<string> show zones that a flatting ahead endangers
     */
    private static function weakZones(array $steps, float $target): array
    {
        $weak = [];
        foreach ($steps as $step) {
            foreach ($step->isDone() ? [] : $step->zones as $state) {
                if ($state->flatting !== null && $state->isShow() && $state->risk() > $target) {
                    $weak[$state->zone->name] = $state->zone->name;
                }
            }
        }

        return array_values($weak);
    }

    /**
     * Of what sets the count: faces, and rims that neither rounding nor a pass of their own helps.
     *
     * @param list<PlannedStep> $steps
     */
    private function risk(array $steps): float
    {
        $worst = 0.0;
        foreach ($steps as $step) {
            foreach ($step->isDone() ? [] : $step->zones as $state) {
                $isLeft = $state->zone->face->easedUm !== null && ($this->isByFaces() || $this->canRound($state->zone));
                if ($state->flatting !== null && $state->isShow() && ! $isLeft) {
                    $worst = max($worst, $state->risk());
                }
            }
        }

        return $worst;
    }

    /**
     * A hold as warm as box and part bear, as long as the skin takes to settle in it from being sandable.
     *
     * @param list<PlannedStep> $steps
     */
    private function postCure(array $steps): ?PostCure
    {
        if (! $this->method->startsFrom()->isBuiltOn()) {
            return FreeLaminate::postCure($this->brief, $this->materials, $this->shop);
        }
        if ($this->choices->of(AgainstPrintThrough::class) !== PrintThrough::PostCure) {
            return null;
        }
        $resin = $this->materials->skinResin;
        $warm = ClimateLimit::postCureC($this->brief->substrate);
        $rate = $resin->kinetics->activation->rate(Temperature::fromCelsius($warm), $resin->kinetics->reference);
        $ramp = 60.0 * max(0.0, $warm - $this->shop->workingAirC) / PostCure::RAMP_C_H;
        $age = max(0.0, Settling::age($steps, $this->materials) - $resin->kinetics->age(Milestone::Sandable));

        return new PostCure($warm, 60.0 * ceil(max(PostCure::SHORTEST_MIN, $age / $rate) / 60.0) + 2.0 * $ramp);
    }

    /** @param list<string> $passZones */
    private function job(int $coats, array $passZones, ?PostCure $postCure): Job
    {
        $passes = max(SecondPasses::number($this->choices), $this->rimPasses);
        $brief = $this->brief->with($this->choices->but(secondPasses: $passes));
        $polish = $this->choices->of(TopKind::class) === Top::PolishResin ? FinishPlan::resinPolish($brief) : $this->clear?->polish;
        $this->liftPlies ??= FreeLaminate::liftPlies(
            $brief,
            $this->materials,
            $this->shop,
            Temperature::fromCelsius($this->shop->workingAirC),
        );

        return new Job(
            $brief,
            $this->materials,
            $this->shop,
            new CoatCounts(
                build: $coats,
                tack: $this->tackCoats(),
                clear: $this->clear->coats ?? 1,
                filler: $this->filler->coats ?? 0,
                liftPlies: $this->liftPlies,
                passZones: $passZones,
            ),
            $this->clear?->clear,
            $this->filler?->clear,
            $postCure,
            $polish?->minutes() ?? 0.0,
        );
    }

    /** Begun ones stay; one more where the newest base or tack coat no longer holds cloth. */
    private function tackCoats(): int
    {
        $begun = max([
            $this->log->laid(Role::Tack),
            ...array_map(
                fn (Fact $f): int => $f->ref->nth ?? 0,
                $this->log->ofRole(Role::KeyBase, Sanded::class, Skipped::class),
            ),
        ]);

        return $begun + ($this->missedLay ? 1 : 0);
    }

    /** The brief's choices, as far as what was done leaves them open. */
    private static function boundByFacts(Choices $choices, FactLog $log): Choices
    {
        $laid = $log->laid(Role::Spot);
        $choices = $laid === 0 ? $choices : $choices->but(secondPasses: max($choices->of(SecondPasses::class), $laid));
        if ($log->laid(Role::Insurance) > 0) {
            return $choices->but(afterWetOut: AfterWetOut::SecondAtTack);
        }

        return $choices;
    }

    /** @return list<string> zones that second passes went over */
    private static function passedZones(FactLog $log): array
    {
        $zones = [];
        foreach ($log->ofRole(Role::Spot, CoatOn::class) as $fact) {
            $zones = [...$zones, ...($fact->content->only ?? [])];
        }

        return array_values(array_unique($zones));
    }
}
