<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Schedule\Chain;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunSheetSearch;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\WorkingTime;

/** A whole shop's run sheet: `shop-sheet`. Its JSON schema is docs/shop-sheet.schema.json. */
final class ShopSheetCalc implements Calculation
{
    /** Squares of the steps of all parts, ten more each, times the starts of the grid, times the people over two and a half. */
    private const MOST_WORK = 9e7;

    public function run(Fields $in): array
    {
        [$from, $until, $grid, $penalty, $air, $clock] = RunSheetCalc::frame($in);
        $people = [];
        foreach ($in->objects('people', 1, 20) as $person) {
            $people[] = WorkingTime::of(RunSheetCalc::windows($person));
            $person->close();
        }
        $things = [];
        $given = $in->objectOr('things');
        if ($given !== null) {
            foreach ($given->names() as $thing) {
                $things[$thing] = (int) $given->number($thing, 1.0, 50.0);
            }
        }
        $chains = [];
        foreach ($in->objects('parts', 1, 60) as $part) {
            $steps = array_map(fn (Fields $step): RunStep => RunSheetCalc::step($step, $clock), $part->objects('steps', 1, 60));
            $chains[] = new Chain(
                $part->text('id'),
                $steps,
                $air,
                null,
                $part->numberOr('weight', 1.0, 0.01, 100.0),
                $part->numberOr('due_min', null, -1e7, 1e8),
            );
            $part->close();
        }
        $in->close();
        if (count(array_unique(array_map(fn (Chain $c): string => $c->id, $chains))) < count($chains)) {
            throw $in->bad('parts', 'must have ids of their own');
        }

        // Long chains on a long, fine sheet take longer than anybody waits.
        if (array_sum(array_map(
            fn (Chain $c): int => (count($c->steps) + 10) ** 2,
            $chains,
        )) * ($until - $from) / $grid * max(1.0, count($people) / 2.5) > self::MOST_WORK) {
            throw $in->bad('parts', 'make more than is reckoned in two seconds; take a coarser grid, a shorter sheet or fewer steps');
        }
        $plan = (new RunSheetSearch(
            $chains,
            new Crew($people, $things),
            $from,
            $until,
            $grid,
            $penalty,
            self::effort($chains, count($people), ($until - $from) / $grid),
        ))->plan();

        return [
            'cost_min' => $plan->costMin,
            'bound_min' => $plan->boundMin,
            'parts' => array_map(fn (Chain $c): array => [
                'id' => $c->id,
                'possible' => isset($plan->placed[$c->id]),
                'finish_min' => $plan->finishOf($c->id),
                'steps' => array_map(
                    fn (PlacedStep $p): array => [
                        'id' => $p->step->id,
                        'start_min' => $p->startMin,
                        'end_min' => $p->endMin,
                        'way' => $p->way->value,
                        'people' => $p->people,
                    ],
                    $plan->placed[$c->id] ?? [],
                ),
            ], $chains),
        ];
    }

    /**
     * Steps placed for each part: fewer in a large shop and on a long, fine sheet, so that the answer comes within two
     * seconds. The cost and its proven bound say how good it is.
     *
     * @param list<Chain> $chains
     */
    private static function effort(array $chains, int $people, float $starts): ?int
    {
        $steps = array_sum(array_map(fn (Chain $c): int => count($c->steps), $chains));
        $load = max(count($chains) / 12.0, $steps / 150.0) ** 1.7 * max(1.0, $starts / 2000.0) ** 0.7 * max(1.0, $people / 3.0);

        return $load <= 1.0 ? null : max(1, (int) (300.0 / $load));
    }
}
