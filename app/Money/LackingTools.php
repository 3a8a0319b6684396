<?php

declare(strict_types=1);

namespace App\Money;

use App\Planning\PlannedPart;
use App\Planning\Trials;
use OakGloss\Choosing\Tool;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\SentOutWork;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ToolNotices;

/** What a plan wants and the shop lacks, with the price of each way round it: borrowed for its days, or the clear sent out. */
final readonly class LackingTools
{
    /**
     * @param PlannedStep                                     $step     that wants it first
     * @param int                                             $days     on which it is wanted
     * @param int|null                                        $borrowed minor units; null where there is no rate, or nobody may borrow it
     * @param array{netMinor: int, readyMin: float|null}|null $sentOut  the part with its clear sent out; null where that is no way
     */
    private function __construct(
        public Tool $tool,
        public PlannedStep $step,
        public int $days,
        public ?int $borrowed,
        public ?array $sentOut,
    ) {
    }

    /** @return list<self> */
    public static function of(PlannedPart $planned, Billing $billing, Trials $trials): array
    {
        $wanted = [];
        foreach ($planned->plan->ahead() as $step) {
            foreach ($step->skipped ? [] : ToolNotices::wanted($planned->plan, $step) as $tool) {
                $wanted[$tool->value][] = $planned->plan->shop->has($tool) ? null : $step;
            }
        }
        $lacking = [];
        foreach (array_filter(array_map(array_filter(...), $wanted)) as $name => $steps) {
            $tool = Tool::from($name);
            $days = count(array_unique(array_map(fn (PlannedStep $s): string => self::day($planned, $s), $steps)));
            $hire = in_array($tool, Tool::forIsocyanate(), true) ? 0 : $planned->part->shop->money()->hireMinor;
            $isSprayed = array_filter($steps, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Spray) !== [];
            $lacking[] = new self(
                $tool,
                array_values($steps)[0],
                $days,
                $hire === 0 ? null : $hire * $days,
                $isSprayed ? self::sentOut($planned, $billing, $trials) : null,
            );
        }

        return $lacking;
    }

    private static function day(PlannedPart $planned, PlannedStep $step): string
    {
        $start = $planned->schedule->slot($step->step->key)?->startMin;

        return $start === null ? $step->step->key : $planned->floor->time->local($start)->toDateString();
    }

    /** @return array{netMinor: int, readyMin: float|null}|null */
    private static function sentOut(PlannedPart $planned, Billing $billing, Trials $trials): ?array
    {
        $choices = $planned->plan->brief->choices;
        if (! isset($planned->plan->method->choices()[SentOut::class]) || $choices->of(SentOut::class) !== SentOutWork::Nothing) {
            return null;
        }
        $sent = $trials->trial($planned, brief: $planned->plan->brief->with($choices->but(sentOut: SentOutWork::Clear)));

        return ['netMinor' => $billing->quoted($sent)->sums->netMinor, 'readyMin' => $sent->schedule->readyMin()];
    }
}
