<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Schedule\Chain;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\ShopSheet;
use OakGloss\Schedule\WorkingTime;

/** A whole shop's run sheet: `shop-sheet`. Its JSON schema is docs/shop-sheet.schema.json. */
final class ShopSheetCalc implements Calculation
{
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
            $chains[] = new Chain($part->text('id'), $steps, $air, null, $part->numberOr('weight', 1.0, 0.01, 100.0), $part->numberOr('due_min', null, -1e7, 1e8));
            $part->close();
        }
        $in->close();
        if (count(array_unique(array_map(fn (Chain $c): string => $c->id, $chains))) < count($chains)) {
            throw $in->bad('parts', 'must have ids of their own');
        }

        $plan = (new ShopSheet($chains, new Crew($people, $things), $from, $until, $grid, $penalty))->plan();

        return [
            'cost_min' => $plan->costMin,
            'bound_min' => $plan->boundMin,
            'parts' => array_map(fn (Chain $c): array => [
                'id' => $c->id,
                'possible' => isset($plan->placed[$c->id]),
                'finish_min' => $plan->finishOf($c->id),
                'steps' => array_map(fn (PlacedStep $p): array => ['id' => $p->step->id, 'start_min' => $p->startMin, 'end_min' => $p->endMin, 'way' => $p->way->value, 'people' => $p->people], $plan->placed[$c->id] ?? []),
            ], $chains),
        ];
    }
}
