<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Facades\Cache;
use OakGloss\Film\Coat;
use OakGloss\Film\RunRisk;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\Situation;
use OakGloss\Method\Choices;
use OakGloss\Method\CoatsAtTack;
use OakGloss\Method\Role;
use OakGloss\Plan\ChoicesLeft;
use OakGloss\Plan\CoatsNeeded;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\Runs;
use OakGloss\Quantity\Temperature;

/** The choices of a part that are still open, and what each would come to. */
final class OpenChoices
{
    /** Two choices at once are worth showing where they save this much over the better one, minutes. */
    private const PAIR_SAVES_MIN = 60.0;

    private const KEPT_S = 600;

    public function __construct(private readonly Planner $planner, private readonly Trials $trials)
    {
    }

    /**
     * What each choice that is still open would come to. Kept for as long as nothing that it rests on changes.
     *
     * @return list<PricedChoice>
     */
    public function of(PlannedPart $now): array
    {
        return Cache::remember($this->name($now), self::KEPT_S, function () use ($now): array {
            $priced = [];
            $anew = $this->anew($now);
            foreach (array_intersect(self::priced(), $this->open($now->plan)) as $field) {
                $options = $this->options($field, $now);
                $of = [];
                foreach (count($options) > 1 ? $options : [] as $value => [$choices, $isCurrent]) {
                    $trial = $isCurrent ? $now : $this->trial($now, $choices);
                    // A second pass that the film asks for nowhere is no choice.
                    if ($field !== 'second_passes' || $isCurrent || (int) $value <= 0 || $trial->plan->first(Role::Spot) !== null) {
                        $of[] = PricedChoice::of($field, (string) $value, $isCurrent, $trial, $isCurrent ? $anew : null, $now->plan);
                    }
                }
                $priced = count($of) > 1 ? [...$priced, ...$of] : $priced;
            }

            return [...$priced, ...$this->pairs($now, $priced)];
        });
    }

    /**
     * What was priced already, so that a page need not wait for it.
     *
     * @return list<PricedChoice>|null
     */
    public function kept(PlannedPart $now): ?array
    {
        return Cache::get($this->name($now));
    }

    private function name(PlannedPart $now): string
    {
        return "priced-{$now->part->id}-{$this->planner->state($now->part->shop)}";
    }

    /** The same part with one build coat less, where that can be had; null where it can't. */
    public function oneCoatLess(PlannedPart $now): ?PlannedPart
    {
        return $now->plan->buildCoats <= CoatsAtTack::LEAST || ! in_array('build_coats', $this->open($now->plan), true)
            ? null
            : $this->trial($now, $now->plan->brief->choices->but(buildCoats: $now->plan->buildCoats - 1));
    }

    /**
     * Choices that nothing done so far has settled.
     *
     * @return list<string>
     */
    public function open(FinishPlan $plan): array
    {
        $open = array_map(fn (string $c): string => $c::name(), ChoicesLeft::of($plan));

        return array_values(array_intersect(array_keys(Listed::all()), $open));
    }

    /** @return list<string> choices whose values are priced beside each other on the plan */
    public static function priced(): array
    {
        return array_keys(array_filter(Listed::all(), fn (string $c): bool => $c::IS_PRICED));
    }

    /** The same part placed anew, where that alone would bring something: no choice may claim it. */
    private function anew(PlannedPart $now): ?PlannedPart
    {
        $anew = $this->trials->trial($now);

        return $anew->schedule->readyMin() !== null && PlanKeeper::isMove($now->schedule->readyMin(), $anew->schedule->readyMin())
            ? $anew
            : null;
    }

    private function trial(PlannedPart $now, Choices $choices): PlannedPart
    {
        return $this->trials->trial($now, brief: $now->plan->brief->with($choices));
    }

    /**
     * Values of a field that make sense on this part.
     *
     * @return array<int|string, array{Choices, bool}>
     */
    private function options(string $field, PlannedPart $now): array
    {
        $choice = Listed::all()[$field];
        $situation = $this->situation($now);
        $options = [];
        foreach ($choice::offers($situation) as $value) {
            $options[(string) $choice::field()->keep($value)] = [
                $situation->choices->but(...[$choice::field()->parameter() => $value]),
                $value === $choice::standing($situation),
            ];
        }

        return $options;
    }

    private function situation(PlannedPart $now): Situation
    {
        return new Situation(
            choices: $now->plan->brief->choices,
            buildCoats: $now->plan->buildCoats,
            mostPlies: $now->plan->method->mostPlies(),
            isUneven: $this->isUneven($now),
            holdsGM2: $this->holdsGM2($now),
            canTilt: $now->plan->brief->tiltedZones !== null,
            passes: count($now->plan->all(Role::Spot)),
        );
    }

    /** What the weakest line of faces holds of a coat, where that is less than the shop lays; null where all of it is held. */
    private function holdsGM2(PlannedPart $now): ?float
    {
        $plan = $now->plan;
        $least = null;
        foreach (Runs::feet($plan->brief->coatedZones()) as $zone) {
            $holds = RunRisk::of(
                $zone->face,
                $plan->materials->skinResin->rheology,
                new Coat($plan->shop->weights->buildGM2, Temperature::fromCelsius($plan->shop->workingAirC)),
            )->holdsGM2;
            $least = $holds === null ? $least : min($least ?? INF, $holds);
        }

        return $least !== null && $least < $plan->shop->weights->buildGM2 ? $least : null;
    }

    /** Some show zones would be done with fewer coats than others. */
    private function isUneven(PlannedPart $now): bool
    {
        $needed = array_map(
            fn (Zone $z): int => CoatsNeeded::of($now->plan, $z) ?? FinishPlan::MOST_BUILD_COATS + 1,
            array_filter($now->plan->brief->coatedZones(), fn (Zone $z): bool => $z->visibility === Visibility::Show),
        );

        return $needed !== [] && min($needed) < max($needed);
    }

    /**
     * Two choices at once, where they bring what neither brings alone.
     *
     * @param list<PricedChoice> $priced
     *
     * @return list<PricedChoice>
     */
    private function pairs(PlannedPart $now, array $priced): array
    {
        $of = fn (string $field): array => array_values(array_filter(
            $priced,
            fn (PricedChoice $p): bool => $p->field === $field && ! $p->isCurrent && $p->refusal === null,
        ));
        $pairs = [];
        foreach ([['wet_out', 'after_wet_out'], ['build_coats', 'second_passes']] as [$one, $other]) {
            foreach ($of($one) as $a) {
                foreach ($of($other) as $b) {
                    if ($one === 'build_coats' && (int) $a->value >= $now->plan->buildCoats) {
                        continue;
                    }
                    $both = $now->plan->brief->choices->with($one, $a->value)->with($other, $b->value);
                    $trial = $this->trial($now, $both);
                    $pair = PricedChoice::of('pair', "{$one}={$a->value}&{$other}={$b->value}", false, $trial, was: $now->plan);
                    $best = min($now->schedule->readyMin() ?? INF, $a->readyMin ?? INF, $b->readyMin ?? INF);
                    if ($pair->refusal === null
                        && ($pair->readyMin ?? INF) <= $best - self::PAIR_SAVES_MIN
                        && $pair->risk <= max($now->plan->shop->targetBurnThrough, $now->plan->worst()?->risk() ?? 0.0)) {
                        $pairs[] = $pair;
                    }
                }
            }
        }

        return $pairs;
    }
}
