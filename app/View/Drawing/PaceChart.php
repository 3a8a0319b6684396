<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Models\Resin;
use App\Planning\CheckStands;
use App\Planning\KeptCheck;
use OakGloss\Cure\ShopPace;

/** The checks of a resin's coats against the events that its sheet and the shop's pace expect. Coordinates in px. */
final readonly class PaceChart
{
    public const WIDTH = 560.0;
    private const LEFT = 128.0;
    private const RIGHT = 14.0;
    private const TOP = 52.0;
    private const ROW = 15.0;

    /** What each check says lies between these events. */
    private const ROWS = ['too_wet' => 0, 'print' => 1, 'dents' => 1, 'hard' => 2, 'clogs' => 3, 'dusts' => 4];

    /**
     * @param list<array{x: float, from: float, until: float, sheetX: float, label: string}>       $events
     * @param list<array{x: float, y: float, said: string, stands: CheckStands, check: KeptCheck}> $dots
     * @param list<array{y: float, label: string}>                                                 $rows
     * @param list<array{x: float, label: string}>                                                 $ticks
     */
    private function __construct(public float $height, public array $events, public array $dots, public array $rows, public array $ticks)
    {
    }

    /** Whether a check waits for somebody to say if it counts. */
    public function asks(): bool
    {
        return in_array(CheckStands::Asks, array_column($this->dots, 'stands'), true);
    }

    /** @return list<KeptCheck> */
    public function newestFirst(): array
    {
        return array_reverse(array_column($this->dots, 'check'));
    }

    /** @param list<KeptCheck> $checks */
    public static function of(Resin $row, array $checks, ?ShopPace $pace): self
    {
        $factor = $pace->factor ?? 1.0;
        $sigma = $pace->rateSigma ?? 0.12;
        $ages = array_map(fn (KeptCheck $c): float => $c->ageMin, $checks);
        $low = log(0.8 * min($row->tack_from_age_min, ...$ages));
        $high = log(1.3 * max($row->sandable_age_min, ...$ages));
        $x = fn (float $age): float => round(
            self::LEFT + (self::WIDTH - self::LEFT - self::RIGHT) * (log($age) - $low) / ($high - $low),
            1,
        );
        $events = [];
        foreach (['tack_from' => 'tacky', 'tack_until' => 'recoat until', 'sandable' => 'sandable'] as $event => $label) {
            $age = (float) $row->getAttribute("{$event}_age_min");
            $events[] = [
                'x' => $x($age * $factor),
                'from' => $x($age * $factor * exp(-$sigma)),
                'until' => $x($age * $factor * exp($sigma)),
                'sheetX' => $x($age),
                'label' => $label,
            ];
        }
        $dots = [];
        $counts = array_fill(0, 5, 0);
        foreach ($checks as $check) {
            $n = self::ROWS[$check->said] ?? 0;
            $dots[] = [
                'x' => $x($check->ageMin),
                'y' => self::TOP + 3.0 * self::ROW * $n + 8.0 + self::ROW * 0.7 * ($counts[$n]++ % 3),
                'said' => $check->said,
                'stands' => $check->stands,
                'check' => $check,
            ];
        }
        $rows = array_map(
            fn (int $n, string $label): array => ['y' => self::TOP + 3.0 * self::ROW * $n, 'label' => $label],
            range(0, 4),
            ['too wet', 'print or dents', 'hard', 'paper clogs', 'paper dusts'],
        );
        $ticks = [];
        foreach ([15, 30, 60, 120, 240, 480, 960, 1920, 3840] as $minutes) {
            if (log($minutes) > $low && log($minutes) < $high) {
                $ticks[] = ['x' => $x($minutes), 'label' => $minutes < 60 ? "{$minutes} min" : ($minutes / 60).' h'];
            }
        }

        return new self(self::TOP + 15.0 * self::ROW + 26.0, $events, $dots, $rows, $ticks);
    }
}
