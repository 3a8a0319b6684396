<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** The catalyst of a polyester: a share of the resin by temperature, straight between the rows of its sheet. */
final readonly class Catalyst
{
    /** So many drops are counted; more are weighed. */
    public const MOST_DROPS = 60;

    /** @var non-empty-list<array{float, float}> °C and %, the coldest first */
    private array $rows;

    /**
     * @param list<array{float, float}> $rows        °C and % of the resin's weight, 0.1 to 10
     * @param float                     $densityGCm3 0.5 to 2
     * @param float                     $dropsPerMl  5 to 100
     *
     * @throws \OakGloss\Quantity\OutOfRange If there is no row, two rows are of one temperature, or a figure is out of range.
     */
    public function __construct(array $rows, public float $densityGCm3, public float $dropsPerMl)
    {
        Bounds::within(count($rows), 1, 100, 'rows of the catalyst', '');
        usort($rows, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($rows as $i => [$c, $percent]) {
            Bounds::within($percent, 0.1, 10.0, 'catalyst', '%');
            Bounds::within($c, $i === 0 ? -20.0 : $rows[$i - 1][0] + 0.01, 80.0, 'temperature of the row', '°C');
        }
        Bounds::within($densityGCm3, 0.5, 2.0, 'density of the catalyst', 'g/cm³');
        Bounds::within($dropsPerMl, 5.0, 100.0, 'drops of a millilitre', '');
        $this->rows = $rows === [] ? throw new \LogicException('a catalyst has a row') : $rows;
    }

    /** % of the resin's weight; null in air that its rows don't reach. */
    public function percentAt(Temperature $air): ?float
    {
        $c = $air->inCelsius();
        if ($c < $this->coldestC() || $c > $this->hottestC()) {
            return null;
        }
        foreach ($this->rows as $i => [$to, $percent]) {
            if ($c <= $to) {
                [$from, $first] = $this->rows[max(0, $i - 1)];

                return $to === $from ? $percent : $first + ($percent - $first) * ($c - $from) / ($to - $from);
            }
        }

        return null;
    }

    public function coldestC(): float
    {
        return $this->rows[0][0];
    }

    public function hottestC(): float
    {
        return $this->rows[count($this->rows) - 1][0];
    }

    /** Of the row that is nearest where none reaches, so that something can be planned with. */
    public function nearestPercent(Temperature $air): float
    {
        $c = min($this->hottestC(), max($this->coldestC(), $air->inCelsius()));

        return $this->percentAt(Temperature::fromCelsius($c)) ?? $this->rows[0][1];
    }

    /** Whole drops for so much resin, half up, one at least. */
    public function dropsFor(float $resinG, float $percent): int
    {
        return max(1, (int) floor($resinG * $percent / 100.0 / $this->dropG() + 0.5));
    }

    public function dropG(): float
    {
        return $this->densityGCm3 / $this->dropsPerMl;
    }

    /** Whether so many drops stay within the span of the sheet, half a drop allowed. */
    public function isWithin(int $drops, float $resinG): bool
    {
        return $this->allows($drops * $this->dropG(), $resinG);
    }

    /** Whether so many grams of it do. */
    public function allows(float $grams, float $resinG): bool
    {
        $percents = array_column($this->rows, 1);
        $half = 0.5 * $this->dropG();

        return $grams + $half >= min($percents) / 100.0 * $resinG && $grams - $half <= max($percents) / 100.0 * $resinG;
    }
}
