<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Fact\FactLog;
use OakGloss\Method\Caution;
use OakGloss\Method\Finding;
use OakGloss\Method\Methods;
use OakGloss\Method\Workshop;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;
use PHPUnit\Framework\TestCase;

/**
 * Every way of working with each of its choices, in figures, against what was approved: no minute, gram or caution of a plan
 * changes unseen. `./oak approve` writes them anew, and the difference is read before it is committed.
 */
final class PlanApprovalTest extends TestCase
{
    public function testEveryWayWithEachOfItsChoicesIsWhatWasApproved(): void
    {
        $lines = [];
        foreach (Methods::all() as $code => $method) {
            foreach (BriefOf::variants($method) as $name => $brief) {
                $plan = FinishPlan::of($brief, BriefOf::materials($method), $method, new Workshop(20.0), FactLog::standing([]));
                array_push($lines, "== {$code}, {$name}", ...array_map(self::step(...), $plan->steps), ...array_map(self::finding(...), $plan->findings));
            }
        }
        Approved::is('plans', $lines);
    }

    private static function step(PlannedStep $planned): string
    {
        [$step, $follow, $batch] = [$planned->step, $planned->step->follow, $planned->batch];
        $parts = [
            sprintf('%s: %s, %.1f min', $step->key, $step->role->value, $planned->handsMin),
            sprintf('%s %g to %s %s', $follow->kind->value, $follow->leastMin, $follow->mostMin ?? 'any', $follow->coat ?? ''),
            $batch === null ? '' : sprintf('%.2f g = %.2f + %.2f + %.2f, %.1f g/m²', $batch->totalG(), $batch->resinG, $batch->hardenerG, $batch->pigmentG, $planned->laidGM2),
            $step->grits === null ? '' : "P{$step->grits->from} to P{$step->grits->to}",
            $planned->worst() === null ? '' : implode(', ', array_map(fn (ZoneState $z): string => sprintf('%s %.1f µm left, risk %.3f', $z->zone->name, $z->left()->inMicrometres(), $z->risk()), $planned->zones)),
            implode(' ', array_map(fn (Caution $c): string => $c->value, $step->cautions)),
        ];

        return implode(' · ', array_filter(array_map(trim(...), $parts)));
    }

    private static function finding(Finding $finding): string
    {
        $args = array_map(fn (string $k, string|float|int $v): string => $k.'='.(is_float($v) ? sprintf('%.2f', $v) : $v), array_keys($finding->args), $finding->args);

        return trim("! {$finding->severity->name} {$finding->code} ".implode(' ', $args));
    }
}
