<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Money\Billing;
use App\Planning\PlannedPart;
use App\Words\Formatter;
use App\Words\Sentences;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Cost\BillLine;
use OakGloss\Method\Caution;
use OakGloss\Method\Finding;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;
use OakGloss\Schedule\StepTime;

/** A job in plain text, so that a change of any line of it is seen and has to be meant. */
final readonly class ApprovedJobs
{
    public function __construct(private Formatter $format, private Sentences $sentences, private Billing $billing)
    {
    }

    public function text(string $code, PlannedPart $planned): string
    {
        $this->format->in($planned->part->shop);
        $plan = $planned->plan;
        $bill = $this->billing->quoted($planned);
        $lines = [
            '== '.strtoupper($code),
            sprintf('%d steps, %d build coats, %.1f g of resin, %.0f min of hands', count($plan->steps), $plan->buildCoats, $plan->totalGrams(), $plan->handsAheadMin()),
            'ready '.$this->at($planned->schedule->readyMin()),
            '',
            ...array_merge(...array_map(fn (PlannedStep $s): array => $this->step($planned, $s), $plan->steps)),
            '-- findings',
            ...array_map(fn (Finding $f): string => "{$f->severity->name} {$f->code}: ".implode(' ', $this->sentences->finding($f)), $planned->findings()),
            '-- film at the end',
            ...array_map($this->zone(...), $plan->steps[count($plan->steps) - 1]->zones),
            '-- money',
            ...array_map(fn (BillLine $l): string => sprintf('%s %s: %.3f %s = %d', $l->kind->name, $l->name, $l->quantity, $l->unit, $l->minor()), $bill->lines),
            sprintf('cost %d, net %d, total %d', $bill->sums->costMinor, $bill->sums->netMinor, $bill->sums->totalMinor),
        ];

        return implode("\n", array_map(fn (string $l): string => rtrim(preg_replace('/\s+/u', ' ', strip_tags($l)) ?? $l), $lines))."\n";
    }

    /** @return list<string> */
    private function step(PlannedPart $planned, PlannedStep $step): array
    {
        $time = $planned->schedule->slot($step->step->key);
        $lines = [sprintf('%s [%s]: %s, %.1f min of hands', $this->format->step($step->step), $step->step->key, $this->time($time), $step->handsMin)];
        $lines[] = "  do: {$this->format->stepDo($step->step)}";
        if ($step->batch !== null) {
            $lines[] = sprintf('  mix: %.2f g = %.2f + %.2f + %.2f', $step->batch->totalG(), $step->batch->resinG, $step->batch->hardenerG, $step->batch->pigmentG);
        }
        if ($step->laidGM2 !== null) {
            $lines[] = sprintf('  lies: %.1f g/m²', $step->laidGM2);
        }
        if ($step->ladder !== null) {
            $lines[] = '  ladder: '.implode(', ', array_map(fn (LadderStep $l): string => sprintf('P%d %.1f µm %.1f min', $l->grit->number, $l->cutUm, $l->minutes), $step->ladder->steps));
        } elseif ($step->step->grits !== null) {
            $lines[] = "  grits: from P{$step->step->grits->from} to P{$step->step->grits->to}";
        }
        if ($step->worst() !== null) {
            array_push($lines, ...array_map(fn (ZoneState $z): string => '  '.$this->zone($z), $step->zones));
        }
        if ($step->step->cautions !== []) {
            $lines[] = '  cautions: '.implode(', ', array_map(fn (Caution $c): string => $c->value, $step->step->cautions));
        }

        return $lines;
    }

    private function time(?StepTime $time): string
    {
        if ($time === null) {
            return 'no time';
        }
        $window = $time->window === null ? '' : sprintf(' in %s to %s', $this->at($time->window->opens->expectedMin), $this->at($time->window->closes->expectedMin));

        return sprintf('%s to %s, %s%s', $this->at($time->startMin), $this->at($time->endMin), $time->way->value, $window);
    }

    private function zone(ZoneState $state): string
    {
        return sprintf(
            '%s: %.1f µm over the crowns, left %.1f ± %.1f µm, risk %.4f',
            $state->zone->name,
            $state->crownCover($state->after)->inMicrometres(),
            $state->left()->inMicrometres(),
            $state->doubtUm(),
            $state->risk(),
        );
    }

    private function at(?float $minutes): string
    {
        return $minutes === null ? 'never' : $this->format->time()->local($minutes)->format('D j M H:i');
    }
}
