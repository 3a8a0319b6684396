<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use App\Words\Formatter;
use OakGloss\Plan\PlannedStep;

/** A part's steps in the order of the work, by the days that have them; what is done stands by itself. */
final readonly class PlanDays
{
    /** So many steps ahead stand open; days after them fold to their heading. */
    private const OPEN_STEPS = 16;

    /** @var list<CoatRow> */
    public array $done;

    /** @var list<array{day: string, rows: list<CoatRow>, isOpen: bool}> a step without a place lies with the one before it */
    public array $ahead;

    public function __construct(PlannedPart $planned, private Formatter $format)
    {
        $rows = CoatRow::all($planned, $format);
        $this->done = array_values(array_filter($rows, fn (CoatRow $row): bool => $row->step->isDone()));
        $days = [];
        $day = $format->dayName($planned->floor->nowMin);
        $shown = 0;
        foreach ($rows as $row) {
            if ($row->step->isDone()) {
                continue;
            }
            $day = $row->atMin() === null ? $day : $format->dayName($row->atMin());
            $days[$day] ??= ['day' => $day, 'rows' => [], 'isOpen' => $shown < self::OPEN_STEPS];
            $days[$day]['rows'][] = $row;
            $shown++;
        }
        $this->ahead = array_values($days);
    }

    /**
     * What a day of it comes to: hands, and grams that are mixed.
     *
     * @param list<CoatRow> $rows
     */
    public function sum(array $rows): string
    {
        $hands = array_sum(array_map(fn (CoatRow $row): float => $row->step->skipped ? 0.0 : $row->step->handsMin, $rows));
        $steps = array_map(fn (CoatRow $row): PlannedStep => $row->step, $rows);

        return implode(' · ', array_filter([
            trans_choice('parts.day.steps', count($rows)),
            (string) __('parts.day.hands', ['span' => $this->format->span($hands)]),
            $this->format->mixes($steps),
        ]));
    }
}
