<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Bench\Night;
use App\Planning\ShopFloor;
use App\Words\Formatter;

/** What the coming night does: its coldest moment, and what each part's newest coat makes of it. */
final readonly class NightCard
{
    /** A full cure that the cold delays by less is not spoken of, minutes. */
    private const DELAY_MIN = 720.0;

    /** When hands are back, minute; null where they never are. */
    public ?float $until;

    /** @var array{celsius: float, minute: float}|null */
    public ?array $coldest;

    /** @param list<Night> $nights */
    public function __construct(ShopFloor $floor, float $fromMin, public array $nights, private Formatter $format)
    {
        $this->until = $floor->work->opensAfter($fromMin);
        $this->coldest = $this->until === null ? null : $floor->air->coldestBetween($floor->nowMin, $this->until);
    }

    /** What the cold does to the full cure, if that is worth a word. */
    public function fullCure(Night $night): ?string
    {
        $stall = round((float) $night->stallC, 1);
        if ($night->full->expectedMin === null) {
            return (string) __($night->stallC === null ? 'bench.never_full' : 'bench.never_full_below', ['c' => $stall]);
        }
        $delay = $night->full->expectedMin - $night->fullSteadyMin;
        $stands = $night->stallC !== null && ($this->coldest['celsius'] ?? INF) < $night->stallC;

        return $delay <= self::DELAY_MIN ? null : (string) __($stands ? 'bench.late_full_stands' : 'bench.late_full', [
            'at' => $this->format->date($night->full->expectedMin),
            'span' => $this->format->span($delay),
            'c' => $stall,
        ]);
    }
}
