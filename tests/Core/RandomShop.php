<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\Chain;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\Gap;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunSheetResult;
use OakGloss\Schedule\RunSheetSearch;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\Way;
use OakGloss\Schedule\WorkingTime;

/** A made-up shop from a seed, and the rules that a plan of it must keep, told over again without the planner's code. */
final class RandomShop
{
    public const PENALTY = 60.0;

    /** The two sums of an age differ by less than this, min. */
    private const SUM_ERROR = 0.05;

    /** @var array<string, float> */
    private array $ages = [];

    /**
     * @param list<Chain>                     $chains
     * @param list<list<array{float, float}>> $hours  by person
     */
    private function __construct(public array $chains, public array $hours, public AirCurve $air, public float $grid, public float $until)
    {
    }

    public static function of(int $seed, int $parts, int $steps, int $people = 1, int $days = 14, float $grid = 15.0, bool $things = true, float $closes = 1020.0): self
    {
        mt_srand($seed);
        $air = [];
        $mean = mt_rand(150, 230) / 10.0;
        for ($day = 0; $day <= $days + 30; $day++) {
            $air[] = [$day * 1440.0 + 340.0, $mean - mt_rand(0, 50) / 10.0];
            $air[] = [$day * 1440.0 + 850.0, $mean + mt_rand(0, 40) / 10.0];
        }
        $curve = AirCurve::through($air);
        $hours = [];
        for ($person = 0; $person < $people; $person++) {
            for ($day = 0; $day < $days; $day++) {
                $hours[$person][] = [$day * 1440.0 + 480.0, $day * 1440.0 + 720.0];
                $hours[$person][] = [$day * 1440.0 + ($grid > 15.0 ? 780.0 : 765.0), $day * 1440.0 + $closes - 60.0 * ($person % 3)];
            }
        }
        $clock = new Kinetics(Temperature::fromCelsius(20.0), Activation::assumed(), []);
        $chains = [];
        for ($p = 0; $p < $parts; $p++) {
            $list = [];
            for ($i = 0; $i < $steps; $i++) {
                $coarse = $grid > 15.0;
                $least = $grid * mt_rand(...$coarse ? [1, 5] : [2, 12]);
                $gap = $i === 0 ? null : match (mt_rand(0, 4)) {
                    0 => Gap::minutes($least / 4.0),
                    1 => Gap::age($clock, 600.0 + $least),
                    default => Gap::age($clock, $least, 1.4 * $least + $grid * mt_rand(...$coarse ? [2, 5] : [3, 9]), $least + 700.0),
                };
                $uses = $things && mt_rand(0, 5) === 0 ? ['booth' => $grid * mt_rand(0, 6)] : [];
                $list[] = new RunStep("{$p}-{$i}", $coarse ? $grid * (1 + intdiv(mt_rand(0, 3), 3)) : $grid * mt_rand(1, 5), $gap, mt_rand(0, 9) === 0 ? 12.0 : null, $grid * mt_rand(1, 2), $people > 1 && mt_rand(0, 7) === 0 ? 2 : 1, $uses);
            }
            $chains[] = new Chain("part {$p}", $list, $curve, null, [1.0, 1.0, 2.0][mt_rand(0, 2)], mt_rand(0, 2) === 0 ? 1440.0 * mt_rand(1, 6) + 900.0 : null);
        }

        return new self($chains, $hours, $curve, $grid, $days * 1440.0);
    }

    /** @param float $lengthen minutes added to the end of every day */
    public function sheet(?int $effort = null, float $lengthen = 0.0): RunSheetSearch
    {
        return new RunSheetSearch($this->chains, $this->crew($lengthen), 0.0, $this->until, $this->grid, self::PENALTY, $effort);
    }

    public function crew(float $lengthen = 0.0): Crew
    {
        $longer = fn (array $w): array => fmod($w[0], 1440.0) > 700.0 ? [$w[0], $w[1] + $lengthen] : $w;

        return new Crew(array_map(fn (array $h): WorkingTime => WorkingTime::of(array_map($longer, $h)), $this->hours), ['booth' => 1]);
    }

    /** @return list<string> rules that a plan breaks */
    public function broken(RunSheetResult $plan): array
    {
        $broken = [];
        $taken = $booth = [];
        foreach ($this->chains as $chain) {
            $placed = $plan->placed[$chain->id] ?? [];
            if ($placed === []) {
                continue;
            }
            if (count($placed) !== count($chain->steps)) {
                $broken[] = "{$chain->id} lacks steps";
            }
            $stays = [];
            foreach ($placed as $i => $p) {
                $broken = [...$broken, ...$this->brokenBy($p, $placed[$i - 1] ?? null)];
                if (count($p->people) !== $p->step->people) {
                    $broken[] = "{$p->step->id} has ".count($p->people).' people';
                }
                foreach ($p->people as $person) {
                    $taken[$person][] = [$p->startMin, $p->endMin, $p->step->id];
                    if (array_filter($this->hours[$person], fn (array $w): bool => $w[0] <= $p->startMin && $w[1] >= $p->endMin) === []) {
                        $broken[] = "{$p->step->id} lies outside the hours of {$person}";
                    }
                }
                if (isset($p->step->uses['booth'])) {
                    $stays[] = [$p->startMin, $p->endMin + $p->step->uses['booth'], $chain->id];
                }
            }
            $booth = [...$booth, ...$stays];
        }
        foreach ($taken as $person => $spans) {
            $broken = [...$broken, ...self::overlaps($spans, "person {$person}")];
        }

        return [...$broken, ...self::overlaps($booth, 'the booth')];
    }

    /** @return list<string> */
    private function brokenBy(PlacedStep $p, ?PlacedStep $before): array
    {
        $broken = [];
        $gap = $p->step->after;
        $hands = $p->step->handsMin + ($p->way === Way::Keyed ? $p->step->keyMin : 0.0);
        if (abs($p->endMin - $p->startMin - $hands) > 1e-9) {
            $broken[] = "{$p->step->id} has other hands";
        }
        if ($p->step->minC !== null && $this->air->at($p->startMin) < $p->step->minC) {
            $broken[] = "{$p->step->id} starts in the cold";
        }
        if ($before === null || $gap === null) {
            return $broken;
        }
        if ($p->startMin < $before->endMin) {
            $broken[] = "{$p->step->id} starts before the one before it ends";
        }
        if ($gap->clock === null) {
            return $p->startMin - $before->endMin < $gap->least || $p->startMin - $before->endMin > $gap->most ? [...$broken, "{$p->step->id} keeps no gap"] : $broken;
        }
        $young = $this->age($gap->clock, $before->endMin, $p->startMin);
        $keeps = match ($p->way) {
            Way::Keyed => $young >= $gap->keyFrom - self::SUM_ERROR,
            Way::Cured => $young >= $gap->least - self::SUM_ERROR && ! is_finite($gap->most),
            Way::Bonded => $young >= $gap->least - self::SUM_ERROR
                && $this->age($gap->clock, $before->startMin, $p->startMin) <= $gap->most + self::SUM_ERROR
                && $this->age($gap->clock, $before->endMin, $p->endMin) <= $gap->most + self::SUM_ERROR,
            default => false,
        };

        return $keeps ? $broken : [...$broken, "{$p->step->id} is not {$p->way->value}"];
    }

    /** Thermal age by Simpson on pieces of five minutes. */
    private function age(Kinetics $clock, float $from, float $until): float
    {
        return $this->ageUpTo($clock, $until) - $this->ageUpTo($clock, $from);
    }

    private function ageUpTo(Kinetics $clock, float $minute): float
    {
        $rate = fn (float $m): float => exp(-$clock->activation->joulePerMol / 8.314462618 * (1.0 / ($this->air->at($m) + 273.15) - 1.0 / 293.15));
        $whole = floor($minute / 5.0) * 5.0;
        if (! isset($this->ages[(string) $whole])) {
            $sum = 0.0;
            for ($m = 0.0; $m <= $this->until + 2880.0; $m += 5.0) {
                $this->ages[(string) $m] = $sum;
                $sum += 5.0 / 6.0 * ($rate($m) + 4.0 * $rate($m + 2.5) + $rate($m + 5.0));
            }
        }

        return $this->ages[(string) $whole] + ($minute - $whole) * $rate(0.5 * ($minute + $whole));
    }

    /**
     * @param list<array{float, float, string}> $spans
     *
     * @return list<string>
     */
    private static function overlaps(array $spans, string $whose): array
    {
        usort($spans, fn (array $a, array $b): int => $a <=> $b);
        $broken = [];
        for ($i = 1; $i < count($spans); $i++) {
            if ($spans[$i][0] < $spans[$i - 1][1] && $spans[$i][2] !== $spans[$i - 1][2]) {
                $broken[] = "{$whose}: {$spans[$i][2]} begins before {$spans[$i - 1][2]} is done";
            }
        }

        return $broken;
    }

    /**
     * The cost of the best plan there is, of everything that the people could do at each point of the grid; nothing
     * is tried that can't beat a cost already known even if from there on no part stood in another's way.
     */
    public function cheapest(float $known): float
    {
        $this->best = $known;
        $this->seen = $this->alone = [];
        $this->try(0.0, array_fill(0, count($this->hours), 0.0), array_fill(0, count($this->chains), [0, 0.0, 0.0]), 0.0);

        return $this->best;
    }

    private float $best = INF;

    /** @var array<string, float> */
    private array $seen = [];

    /** @var array<string, list<float>> */
    private array $alone = [];

    /**
     * @param list<float>                    $freeAt by person
     * @param list<array{int, float, float}> $at     by part: next step, start and end of the one before
     */
    private function try(float $now, array $freeAt, array $at, float $cost): void
    {
        $least = $cost;
        $open = false;
        foreach ($this->chains as $p => $chain) {
            if ($at[$p][0] < count($chain->steps)) {
                $open = true;
                $least += $this->leastFrom($p, ...$at[$p])[(int) ($now / $this->grid)] ?? INF;
            }
        }
        if (! $open) {
            $this->best = min($this->best, $cost);

            return;
        }
        $key = $now.json_encode($freeAt).json_encode($at);
        if ($least >= $this->best - 1e-6 || ($this->seen[$key] ?? INF) <= $cost) {
            return;
        }
        $this->seen[$key] = $cost;
        foreach (array_keys($this->chains) as $p) {
            foreach ($at[$p][2] <= $now && isset($this->chains[$p]->steps[$at[$p][0]]) ? $this->waysAt($p, $now, ...$at[$p]) : [] as [$until, $more]) {
                $step = $this->chains[$p]->steps[$at[$p][0]];
                $able = array_keys(array_filter($freeAt, fn (float $f, int $who): bool => $f <= $now && $this->isThere($who, $now, $until), ARRAY_FILTER_USE_BOTH));
                if (count($able) >= $step->people) {
                    $nextFree = $freeAt;
                    foreach (array_slice($able, 0, $step->people) as $who) {
                        $nextFree[$who] = $until;
                    }
                    $this->try($now, $nextFree, array_replace($at, [$p => [$at[$p][0] + 1, $now, $until]]), $cost + $more);
                }
            }
        }
        $this->try($now + $this->grid, $freeAt, $at, $cost);
    }

    private function isThere(int $who, float $from, float $until): bool
    {
        return array_filter($this->hours[$who], fn (array $w): bool => $w[0] <= $from && $w[1] >= $until) !== [];
    }

    /** @return list<array{float, float}> end and cost of each way in which a part's next step may begin now */
    private function waysAt(int $p, float $now, int $i, float $start, float $end): array
    {
        $chain = $this->chains[$p];
        $step = $chain->steps[$i];
        $before = $i === 0 ? null : new PlacedStep($chain->steps[$i - 1], $start, $end, Way::First);
        $found = [];
        foreach ($i === 0 ? [Way::First] : ($step->after?->clock === null ? [Way::Timed] : [Way::Cured, Way::Bonded, Way::Keyed]) as $way) {
            $until = $now + $step->handsMin + ($way === Way::Keyed ? $step->keyMin : 0.0);
            if ($this->brokenBy(new PlacedStep($step, $now, $until, $way), $before) === []) {
                $found[] = [$until, $chain->weight * (($way === Way::Keyed ? self::PENALTY : 0.0) + ($i + 1 === count($chain->steps) ? $until + $chain->late()->of($until) : 0.0))];
            }
        }

        return $found;
    }

    /** @return list<float> least cost of a part's rest if its next step begins at that point of the grid or later and nobody else is there */
    private function leastFrom(int $p, int $i, float $start, float $end): array
    {
        $key = "{$p}/{$i}/{$start}/{$end}";
        if (isset($this->alone[$key])) {
            return $this->alone[$key];
        }
        $points = (int) ($this->until / $this->grid);
        $least = array_fill(0, $points, INF);
        for ($k = $points - 1; $k >= (int) ceil($end / $this->grid); $k--) {
            $now = $k * $this->grid;
            $least[$k] = $least[$k + 1] ?? INF;
            foreach ($this->waysAt($p, $now, $i, $start, $end) as [$until, $more]) {
                $some = array_filter(array_keys($this->hours), fn (int $who): bool => $this->isThere($who, $now, $until)) !== [];
                $rest = $i + 1 === count($this->chains[$p]->steps) ? 0.0 : ($this->leastFrom($p, $i + 1, $now, $until)[(int) ceil($until / $this->grid)] ?? INF);
                $least[$k] = $some ? min($least[$k], $more + $rest) : $least[$k];
            }
        }
        for ($k = (int) ceil($end / $this->grid) - 1; $k >= 0; $k--) {
            $least[$k] = $least[$k + 1] ?? INF;
        }

        return $this->alone[$key] = $least;
    }
}
