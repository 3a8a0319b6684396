<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Time\ShopTime;

/** Causes against weeks, the most frequent first: in each cell as large a square as there were defects, with their number. */
final readonly class HabitChart
{
    public const LEFT = 250.0;

    /** Rarer ones stand in the table alone. */
    private const MOST_ROWS = 10;

    private const CELL = 46.0;

    private const TOP = 8.0;

    /**
     * @param list<array{cause: string, y: float, cells: list<array{n: int, x: float, y: float, side: float}>}> $rows
     * @param list<string>                                                                                      $weeks first day of each
     */
    private function __construct(public array $rows, public array $weeks)
    {
    }

    /** @param list<array{atMin: float, cause: string}> $cases */
    public static function of(array $cases, ShopTime $time, float $nowMin, int $weeks): self
    {
        $monday = $time->local($nowMin)->startOfWeek()->subWeeks($weeks - 1);
        $counts = [];
        foreach ($cases as $case) {
            $week = (int) floor(($case['atMin'] - ShopTime::minutes($monday)) / (7.0 * 1440.0) + 0.01);
            [$cause, $week] = [$case['cause'], max(0, min($weeks - 1, $week))];
            $counts[$cause][$week] = ($counts[$cause][$week] ?? 0) + 1;
        }
        uasort($counts, fn (array $a, array $b): int => array_sum($b) <=> array_sum($a));
        $counts = array_slice($counts, 0, self::MOST_ROWS, true);
        $most = max([1, ...array_merge(...array_map(array_values(...), array_values($counts)))]);
        $rows = [];
        foreach (array_keys($counts) as $r => $cause) {
            $y = self::TOP + self::CELL * $r;
            $cells = [];
            for ($w = 0; $w < $weeks; $w++) {
                $n = $counts[$cause][$w] ?? 0;
                $side = $n === 0 ? 0.0 : (self::CELL - 8.0) * sqrt($n / $most);
                $cells[] = [
                    'n' => $n,
                    'x' => round(self::LEFT + self::CELL * ($w + 0.5) - 0.5 * $side, 1),
                    'y' => round($y + 0.5 * (self::CELL - $side), 1),
                    'side' => round($side, 1),
                ];
            }
            $rows[] = ['cause' => $cause, 'y' => $y, 'cells' => $cells];
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
