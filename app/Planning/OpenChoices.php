<?php

declare(strict_types=1);

namespace App\Planning;

use Closure;
use Illuminate\Support\Facades\Cache;
use OakGloss\Film\Coat;
use OakGloss\Film\RunRisk;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Choice;
use OakGloss\Method\Choices;
use OakGloss\Method\CoatsAtTack;
use OakGloss\Method\Damage;
use OakGloss\Method\Faces;
use OakGloss\Method\HardTop;
use OakGloss\Method\Holding;
use OakGloss\Method\LayUp;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Role;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
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
        return Cache::remember("priced-{$now->part->id}-{$this->planner->state($now->part->shop)}", 600, function () use ($now): array {
            $priced = [];
            $anew = $this->anew($now);
            foreach (array_intersect(ChoiceFields::PRICED, $this->open($now->plan)) as $field) {
                $options = $this->options($field, $now);
                $of = [];
                foreach (count($options) > 1 ? $options : [] as $value => [$choices, $isCurrent]) {
                    $trial = $isCurrent ? $now : $this->trial($now, $choices);
                    // A second pass that the film asks for nowhere is no choice.
                    if ($field !== 'second_passes' || $isCurrent || $value === 0 || $trial->plan->first(Role::Spot) !== null) {
                        $of[] = PricedChoice::of($field, (string) $value, $isCurrent, $trial, $isCurrent ? $anew : null);
                    }
                }
                $priced = count($of) > 1 ? [...$priced, ...$of] : $priced;
            }

            return [...$priced, ...$this->pairs($now, $priced)];
        });
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
        $open = array_map(fn (Choice $c): string => $c->value, ChoicesLeft::of($plan));

        return array_values(array_intersect(ChoiceFields::ALL, $open));
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
        $c = $now->plan->brief->choices;
        $coats = $now->plan->buildCoats;
        $least = max(CoatsAtTack::LEAST, $coats - 1);
        $of = fn (array $values, Closure $choices, mixed $current): array => array_combine(
            $values,
            array_map(fn (mixed $v): array => [$choices($v), $v === $current], $values),
        );
        $enum = fn (array $cases, Closure $choices, mixed $current): array => array_combine(
            array_column($cases, 'value'),
            array_map(fn (mixed $case): array => [$choices($case), $case === $current], $cases),
        );

        return match ($field) {
            'wet_out' => $enum(WetOut::cases(), fn (WetOut $v): Choices => $c->but(wetOut: $v), $c->wetOut),
            'after_wet_out' => $enum(AfterWetOut::cases(), fn (AfterWetOut $v): Choices => $c->but(afterWetOut: $v), $c->afterWetOut),
            'top' => $enum(Top::cases(), fn (Top $v): Choices => $c->but(top: $v), $c->top),
            'print_through' => $enum(PrintThrough::cases(), fn (PrintThrough $v): Choices => $c->but(printThrough: $v), $c->printThrough),
            'plies' => $of(
                range(max(1, $c->plies - 1), min($now->plan->method->mostPlies(), $c->plies + 1)),
                fn (int $n): Choices => $c->but(plies: $n),
                $c->plies,
            ),
            'faces' => $enum(Faces::cases(), fn (Faces $v): Choices => $c->but(faces: $v), $c->faces),
            'holding' => $enum(Holding::cases(), fn (Holding $v): Choices => $c->but(holding: $v), $c->holding),
            'hard_top' => $enum(HardTop::cases(), fn (HardTop $v): Choices => $c->but(hardTop: $v), $c->hardTop),
            'lay_up' => $enum(LayUp::cases(), fn (LayUp $v): Choices => $c->but(layUp: $v), $c->layUp),
            'damage' => $enum(Damage::cases(), fn (Damage $v): Choices => $c->but(damage: $v), $c->damage),
            'halves' => $of([1, 2], fn (int $n): Choices => $c->but(halves: $n), $c->halves),
            'mould_plies' => $of(
                range(max(1, $c->mouldPlies - 2), min(Choices::MOST_MOULD_PLIES, $c->mouldPlies + 2), 2),
                fn (int $n): Choices => $c->but(mouldPlies: $n),
                $c->mouldPlies,
            ),
            'build_coats' => $of(
                range($least, min(FinishPlan::MOST_BUILD_COATS, $coats + 1)),
                fn (int $n): Choices => $c->but(buildCoats: $n),
                $coats,
            ),
            'second_passes' => $this->isUneven($now) || $c->secondPasses > 0
                ? $of([0, 1, 2], fn (int $n): Choices => $c->but(secondPasses: $n), $c->secondPasses)
                : [],
            'turned' => $this->holdsGM2($now) !== null || $c->turned
                ? $of([0, 1], fn (int $n): Choices => $c->but(turned: $n === 1), (int) $c->turned)
                : [],
            'tilted' => $now->plan->brief->tiltedZones === null
                ? []
                : $of([0, 1], fn (int $n): Choices => $c->but(tilted: $n === 1), (int) $c->tilted),
            'build_g_m2' => $this->weights($now),
            default => [],
        };
    }

    /** @return array<int|string, array{Choices, bool}> as the shop lays them, and what the steepest line of faces holds */
    private function weights(PlannedPart $now): array
    {
        $c = $now->plan->brief->choices;
        $holds = $this->holdsGM2($now);
        $values = array_unique(array_filter(
            [0, (int) $c->buildGM2, $holds === null ? null : (int) (5.0 * floor($holds / 5.0))],
            fn (?int $v): bool => $v === 0 || ($v !== null && $v >= 30),
        ));
        $weights = [];
        foreach ($values as $v) {
            $weights[$v] = [$c->but(buildGM2: (float) $v), $v === (int) $c->buildGM2];
        }

        return $weights;
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
                    $choices = $this->options($one, $now)[$a->value][0];
                    $second = $this->options($other, $now)[$b->value][0];
                    $both = $one === 'wet_out'
                        ? $choices->but(afterWetOut: $second->afterWetOut)
                        : $choices->but(secondPasses: $second->secondPasses);
                    $pair = PricedChoice::of('pair', "{$one}={$a->value}&{$other}={$b->value}", false, $this->trial($now, $both));
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
