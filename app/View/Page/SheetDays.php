<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use App\Words\Formatter;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\StepTime;

/** What the run sheet's drawing shows, as a list by day: all of it on a screen too narrow for the drawing. */
final readonly class SheetDays
{
    /** So many steps stand open; days after them fold to their heading. */
    private const OPEN_STEPS = 14;

    /**
     * @param array<int, PlannedPart> $plans
     *
     * @return list<array{
     *     day: string, hands: string, isOpen: bool,
     *     rows: list<array{planned: PlannedPart, step: PlannedStep, time: StepTime}>,
     * }>
     */
    public static function of(array $plans, float $fromMin, float $untilMin, Formatter $format): array
    {
        $rows = [];
        foreach ($plans as $planned) {
            $ahead = $planned->plan->ahead();
            foreach ($planned->schedule->steps() as $i => $placed) {
                if ($placed->endMin > $fromMin && $placed->startMin < $untilMin) {
                    $time = $planned->schedule->slot($ahead[$i]->step->key) ?? throw new \LogicException('what is placed has its time');
                    $rows[] = ['planned' => $planned, 'step' => $ahead[$i], 'time' => $time];
                }
            }
        }
        usort($rows, fn (array $a, array $b): int => $a['time']->startMin <=> $b['time']->startMin);
        $days = [];
        foreach ($rows as $n => $row) {
            $day = $format->dayName($row['time']->startMin);
            $days[$day] ??= ['day' => $day, 'hands' => '', 'isOpen' => $n < self::OPEN_STEPS, 'rows' => []];
            $days[$day]['rows'][] = $row;
        }

        return array_values(array_map(fn (array $day): array => [
            'hands' => $format->span(array_sum(array_map(fn (array $row): float => $row['step']->handsMin, $day['rows']))),
        ] + $day, $days));
    }
}
