<?php

declare(strict_types=1);

namespace OakGloss\Cloth;

use OakGloss\Quantity\Bounds;

/**
 * Blanks of one size cut from a sheet in strips across it, as many as go, none over a flaw, all along the weave. The
 * most: a strip filled from its left end misses none, and a best set of strips can be pushed up until each touches the
 * one above it or the lower end of a flaw, so that only those places are tried (dynamic programme over them).
 */
final readonly class SheetYield
{
    /** What the saw takes, mm. */
    public const KERF_MM = 3.0;

    /** Trimmed away all around, mm (planning value): resin thins out there. */
    private const BORDER_MM = 15.0;

    /** No plate is made smaller, mm. */
    private const LEAST_MM = 50.0;

    /** An offcut that is worth its place on the shelf, mm. */
    private const KEPT_MM = 80.0;

    /**
     * @param list<array{x: float, y: float}> $blanks upper left corners, mm
     */
    private function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $blankLengthMm,
        public float $blankWidthMm,
        public array $blanks,
    ) {
    }

    /**
     * @param list<Flaw> $flaws
     *
     * @throws \OakGloss\Quantity\OutOfRange If a size is out of range.
     */
    public static function of(float $lengthMm, float $widthMm, float $blankLengthMm, float $blankWidthMm, array $flaws = []): self
    {
        Bounds::within($lengthMm, 10.0, 5000.0, 'length of the sheet', 'mm');
        Bounds::within($widthMm, 10.0, 5000.0, 'width of the sheet', 'mm');
        Bounds::within($blankLengthMm, 3.0, 5000.0, 'length of a part', 'mm');
        Bounds::within($blankWidthMm, 3.0, 5000.0, 'width of a part', 'mm');
        $best = [];
        foreach (array_reverse(self::starts($widthMm, $blankWidthMm, $flaws)) as $y) {
            $strip = self::strip($y, $lengthMm, $blankLengthMm, $blankWidthMm, $flaws);
            $after = self::firstFrom($y + $blankWidthMm + self::KERF_MM, $best);
            $later = self::firstFrom($y + 1e-6, $best);
            $with = [...array_map(fn (float $x): array => ['x' => $x, 'y' => $y], $strip), ...$after];
            $best[(string) $y] = count($with) > count($later) ? $with : $later;
        }

        return new self($lengthMm, $widthMm, $blankLengthMm, $blankWidthMm, self::firstFrom(0.0, $best));
    }

    /**
     * The smallest sheet, as nearly square as it goes, that so many parts are cut from, with a border that is trimmed away.
     *
     * @return array{lengthMm: float, widthMm: float} in steps of 5 mm
     */
    public static function sheetFor(int $parts, float $blankLengthMm, float $blankWidthMm): array
    {
        $best = null;
        for ($along = 1; $along <= $parts; $along++) {
            $across = (int) ceil($parts / $along);
            $side = fn (int $n, float $mm): float => 5.0 * ceil(($n * $mm + ($n - 1) * self::KERF_MM + 2.0 * self::BORDER_MM) / 5.0);
            [$long, $wide] = [max(self::LEAST_MM, $side($along, $blankLengthMm)), max(self::LEAST_MM, $side($across, $blankWidthMm))];
            // Up to two to one a sheet is square enough.
            $rank = $long * $wide * max($long / $wide, $wide / $long, 2.0);
            $best = $best === null || $rank < $best['rank'] ? ['rank' => $rank, 'lengthMm' => $long, 'widthMm' => $wide] : $best;
        }

        return $best === null
            ? throw new \LogicException('one part at least') : ['lengthMm' => $best['lengthMm'], 'widthMm' => $best['widthMm']];
    }

    public function count(): int
    {
        return count($this->blanks);
    }

    /** Share of the sheet that becomes parts. */
    public function share(): float
    {
        return $this->count() * $this->blankLengthMm * $this->blankWidthMm / ($this->lengthMm * $this->widthMm);
    }

    /**
     * What is left along the end and along the side, where it is worth keeping; the first number runs along the weave.
     *
     * @return list<array{alongMm: float, acrossMm: float}>
     */
    public function offcuts(): array
    {
        $right = max([0.0, ...array_map(fn (array $b): float => $b['x'] + $this->blankLengthMm + self::KERF_MM, $this->blanks)]);
        $down = max([0.0, ...array_map(fn (array $b): float => $b['y'] + $this->blankWidthMm + self::KERF_MM, $this->blanks)]);
        $left = [
            ['alongMm' => $this->lengthMm - $right, 'acrossMm' => $this->widthMm],
            ['alongMm' => min($right, $this->lengthMm), 'acrossMm' => $this->widthMm - $down],
        ];

        return array_values(array_filter($left, fn (array $o): bool => min($o) >= self::KEPT_MM));
    }

    /**
     * Where a strip may begin: under the upper edge or a flaw, and under whole strips from there.
     *
     * @param list<Flaw> $flaws
     *
     * @return list<float> rising
     */
    private static function starts(float $widthMm, float $blankWidthMm, array $flaws): array
    {
        $starts = [];
        foreach ([0.0, ...array_map(fn (Flaw $f): float => $f->bottomMm(), $flaws)] as $from) {
            for ($y = max(0.0, $from); $y + $blankWidthMm <= $widthMm + 1e-6; $y += $blankWidthMm + self::KERF_MM) {
                $starts[(string) round($y, 3)] = round($y, 3);
            }
        }
        sort($starts);

        return $starts;
    }

    /**
     * @param list<Flaw> $flaws
     *
     * @return list<float> left ends of the blanks of a strip
     */
    private static function strip(float $y, float $lengthMm, float $blankLengthMm, float $blankWidthMm, array $flaws): array
    {
        $inIt = array_filter($flaws, fn (Flaw $f): bool => $f->bottomMm() > $y && $f->topMm() < $y + $blankWidthMm);
        usort($inIt, fn (Flaw $a, Flaw $b): int => $a->leftMm() <=> $b->leftMm());
        [$x, $ends] = [0.0, []];
        while ($x + $blankLengthMm <= $lengthMm + 1e-6) {
            $hit = array_values(array_filter($inIt, fn (Flaw $f): bool => $f->rightMm() > $x && $f->leftMm() < $x + $blankLengthMm));
            if ($hit !== []) {
                $x = max(array_map(fn (Flaw $f): float => $f->rightMm(), $hit));
                continue;
            }
            $ends[] = $x;
            $x += $blankLengthMm + self::KERF_MM;
        }

        return $ends;
    }

    /**
     * @param array<int|string, list<array{x: float, y: float}>> $best by start, from the lowest up
     *
     * @return list<array{x: float, y: float}> of the first start at or under a place
     */
    private static function firstFrom(float $y, array $best): array
    {
        $found = [];
        foreach ($best as $start => $blanks) {
            if ((float) $start < $y - 1e-6) {
                break;
            }
            $found = $blanks;
        }

        return $found;
    }
}
