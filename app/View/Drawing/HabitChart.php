<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Time\ShopTime;
use OakGloss\Inspection\Habit;

/** Habits against weeks: in each cell as large a square as there were defects, with their number. */
final readonly class HabitChart
{
    public const LEFT = 150.0;

    private const CELL = 46.0;

    private const TOP = 8.0;

    /**
     * @param list<array{habit: Habit, y: float, cells: list<array{n: int, x: float, y: float, side: float}>}> $rows
     * @param list<string>                                                                                     $weeks first day of each
     */
    private function __construct(public array $rows, public array $weeks)
    {
    }

    /** @param list<array{atMin: float, habit: Habit}> $cases */
    public static function of(array $cases, ShopTime $time, float $nowMin, int $weeks): self
    {
        $monday = $time->local($nowMin)->startOfWeek()->subWeeks($weeks - 1);
        $counts = [];
        foreach ($cases as $case) {
            $week = (int) floor(($case['atMin'] - ShopTime::minutes($monday)) / (7.0 * 1440.0) + 0.01);
            [$habit, $week] = [$case['habit']->value, max(0, min($weeks - 1, $week))];
            $counts[$habit][$week] = ($counts[$habit][$week] ?? 0) + 1;
        }
        $most = max([1, ...array_merge(...array_map(array_values(...), array_values($counts)))]);
        $rows = [];
        foreach (Habit::cases() as $r => $habit) {
            $y = self::TOP + self::CELL * $r;
            $cells = [];
            for ($w = 0; $w < $weeks; $w++) {
                $n = $counts[$habit->value][$w] ?? 0;
                $side = $n === 0 ? 0.0 : (self::CELL - 8.0) * sqrt($n / $most);
                $cells[] = [
                    'n' => $n,
                    'x' => round(self::LEFT + self::CELL * ($w + 0.5) - 0.5 * $side, 1),
                    'y' => round($y + 0.5 * (self::CELL - $side), 1),
                    'side' => round($side, 1),
                ];
            }
            $rows[] = ['habit' => $habit, 'y' => $y, 'cells' => $cells];
        }

        return new self($rows, array_map(
            fn (int $w): string => $monday->addWeeks($w)->format('j M'),
            range(0, $weeks - 1),
        ));
    }

    public function width(): float
    {
        return self::LEFT + self::CELL * count($this->weeks) + 6.0;
    }

    public function height(): float
    {
        return self::TOP + self::CELL * count($this->rows) + 26.0;
    }

    public function weekX(int $week): float
    {
        return self::LEFT + self::CELL * ($week + 0.5);
    }
}
