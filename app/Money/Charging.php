<?php

declare(strict_types=1);

namespace App\Money;

use App\Models\Part;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use OakGloss\Cost\Bill;

/** What to ask for a part that is not promised yet: what parts like it came to against their plans, and this one's plan. */
final readonly class Charging
{
    /** Parts that are looked back at, the newest. */
    private const LIKE = 5;

    /** Where fewer than two parts like it were finished, a cost is known so well, give or take (ours). */
    public const UNKNOWN = 0.2;

    /** Less was done of it than this share of its plan's hours: it says nothing of a whole one. */
    private const WHOLE = 0.5;

    /**
     * @param list<array{part: Part, hoursMin: float, plannedMin: float, share: float, netMinor: int}> $like  the newest first
     * @param float                                                                                    $share of its plan's cost
     */
    private function __construct(
        public array $like,
        public float $share,
        public int $netMinor,
        public int $leastMinor,
        public int $mostMinor,
    ) {
    }

    public static function of(PlannedPart $planned, Bill $bill, Planner $planner, Billing $billing): self
    {
        $like = [];
        $finished = $planned->part->shop->parts()->whereNotNull('finished_at')->where('method', $planned->part->method)
            ->whereKeyNot($planned->part->id)->orderByDesc('finished_at')->limit(self::LIKE)->with(Part::PLAN_NEEDS)->get();
        foreach ($finished as $part) {
            $came = $billing->cameTo($part, $planner);
            if ($came['costMinor'] > 0 && $came['hoursMin'] >= self::WHOLE * $came['plannedMin']) {
                $like[] = [
                    'part' => $part, 'hoursMin' => $came['hoursMin'], 'plannedMin' => $came['plannedMin'],
                    'share' => $came['actualMinor'] / $came['costMinor'], 'netMinor' => $came['netMinor'],
                ];
            }
        }
        $shares = array_column($like, 'share');
        sort($shares);
        $middle = $shares === [] ? 1.0 : $shares[intdiv(count($shares), 2)];
        [$least, $most] = count($shares) < 2
            ? [$middle * (1.0 - self::UNKNOWN), $middle * (1.0 + self::UNKNOWN)] : [$shares[0], $shares[count($shares) - 1]];
        $net = fn (float $share): int => (int) round($bill->sums->netMinor * $share);

        return new self($like, $middle, $net($middle), $net($least), $net($most));
    }

    public function isGuess(): bool
    {
        return count($this->like) < 2;
    }

    /** Hours of hands of the bill, as those like it came out. */
    public function hoursMin(Bill $bill): float
    {
        $ratios = array_map(fn (array $l): float => $l['plannedMin'] > 0.0 ? $l['hoursMin'] / $l['plannedMin'] : 1.0, $this->like);
        sort($ratios);

        return $bill->handsMin() * ($ratios === [] ? 1.0 : $ratios[intdiv(count($ratios), 2)]);
    }
}
