<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Kinetics;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\Gap;
use OakGloss\Schedule\PartPlacer;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\WorkingTime;

/** Model `run-sheet`. */
final class RunSheetCalc implements Calculation
{
    public function run(Fields $in): array
    {
        [$from, $until, $grid, $penalty, $air, $clock] = self::frame($in);
        $steps = [];
        foreach ($in->objects('steps', 1, 60) as $step) {
            $steps[] = self::step($step, $clock);
        }
        $work = Diary::alone(WorkingTime::of(self::windows($in)));
        $in->close();

        $placed = (new PartPlacer($air, $work, $from, $until, $grid, $penalty))->place($steps);
        if ($placed === null) {
            return ['possible' => false];
        }
        $finish = $placed[count($placed) - 1]->endMin;
        $keyed = count(array_filter($placed, fn (PlacedStep $p): bool => $p->way->value === 'keyed'));

        return [
            'possible' => true,
            'finish_min' => $finish,
            'cost_min' => $finish + $keyed * $penalty,
            'steps' => array_map(fn (PlacedStep $p): array => [
                'id' => $p->step->id,
                'start_min' => $p->startMin,
                'way' => $p->way->value,
            ], $placed),
        ];
    }

    /**
     * What every sheet has: from, until, grid, penalty for keying, air and the resin's clock.
     *
     * @return array{float, float, float, float, AirCurve, Kinetics}
     *
     * @throws BadField If a field is bad.
     */
    public static function frame(Fields $in): array
    {
        $from = $in->number('from_min', -1e7, 1e8);
        $until = $in->number('until_min', $from, $from + 130000.0);
        $grid = $in->number('grid_min', 0.25, 1440.0);
        if (($until - $from) / $grid > 20000.0) {
            throw $in->bad('grid_min', 'makes more than 20 000 starts; take a coarser grid or a shorter sheet');
        }
        $penalty = $in->numberOr('key_penalty_min', 0.0, 0.0, 1e6);
        $air = CommonFields::air($in);
        $resin = $in->object('resin');
        $clock = new Kinetics(CommonFields::reference($resin), CommonFields::activation($resin), []);
        $resin->close();

        return [$from, $until, $grid, $penalty, $air, $clock];
    }

    /** @throws BadField If a field is bad. */
    public static function step(Fields $in, Kinetics $clock): RunStep
    {
        $after = $in->objectOr('after');
        $step = new RunStep(
            $in->text('id'),
            $in->number('hands_min', 0.0, 1440.0),
            $after === null ? null : self::gap($after, $clock),
            $in->numberOr('min_c', null, -40.0, 80.0),
            $in->numberOr('key_min', 0.0, 0.0, 1440.0),
            (int) $in->numberOr('people', 1.0, 1.0, 4.0),
            self::uses($in),
            $in->numberOr('pinned_at_min', null, -1e7, 1e8),
        );
        $in->close();

        return $step;
    }

    private static function gap(Fields $after, Kinetics $clock): Gap
    {
        $kind = $after->choice('kind', ['minutes', 'age']);
        $least = $after->number('lo', 0.0, 1e6);
        $most = $after->numberOr('hi', null, $least, 1e6);
        $keyFrom = $after->numberOr('key_from', null, 0.0, 1e6);
        $after->close();
        if ($kind === 'minutes') {
            if ($keyFrom !== null) {
                throw $after->bad('key_from', 'goes with an age, not with minutes');
            }

            return Gap::minutes($least, $most);
        }

        return Gap::age($clock, $least, $most, $keyFrom);
    }

    /** @return array<string, float> minutes that the part stays in a thing after the hands, by thing */
    private static function uses(Fields $in): array
    {
        $given = $in->objectOr('uses');
        $uses = [];
        if ($given === null) {
            return [];
        }
        foreach ($given->names() as $thing) {
            $uses[$thing] = $given->number($thing, 0.0, 1e5);
        }

        return $uses;
    }

    /**
     * @return list<array{float, float}>
     *
     * @throws BadField If a window is none.
     */
    public static function windows(Fields $in): array
    {
        $windows = [];
        foreach ($in->list('work', 0, 2000) as $i => $pair) {
            if (! is_array($pair) || count($pair) !== 2 || ! is_numeric($pair[0] ?? null) || ! is_numeric($pair[1] ?? null)
                || ! is_finite((float) $pair[0]) || ! is_finite((float) $pair[1]) || $pair[1] <= $pair[0]) {
                throw $in->bad("work[{$i}]", 'must be [from, until] in minutes, from before until');
            }
            $windows[] = [(float) $pair[0], (float) $pair[1]];
        }

        return $windows;
    }
}
