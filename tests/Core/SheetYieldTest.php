<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Cloth\Flaw;
use OakGloss\Cloth\SheetYield;
use OakGloss\Film\Laminate;
use OakGloss\Film\Weave;
use PHPUnit\Framework\TestCase;

/** Parts cut from a sheet: as many as go, none over a flaw. */
final class SheetYieldTest extends TestCase
{
    public function testAWholeSheetIsFilledInStrips(): void
    {
        self::assertSame(9, SheetYield::of(600.0, 400.0, 180.0, 120.0)->count());
        self::assertSame(0, SheetYield::of(100.0, 100.0, 180.0, 120.0)->count());
        self::assertSame(1, SheetYield::of(180.0, 120.0, 180.0, 120.0)->count(), 'the last one needs no cut beside it');
        self::assertSame(1, SheetYield::of(362.0, 120.0, 180.0, 120.0)->count(), 'two and the cut between need 363');
        self::assertSame(2, SheetYield::of(363.0, 120.0, 180.0, 120.0)->count());
        self::assertEqualsWithDelta(9.0 * 180.0 * 120.0 / 240000.0, SheetYield::of(600.0, 400.0, 180.0, 120.0)->share(), 1e-12);
    }

    public function testOffcutsAreWhatIsWorthKeeping(): void
    {
        self::assertSame([], SheetYield::of(600.0, 400.0, 180.0, 120.0)->offcuts(), '51 and 31 mm are none');
        self::assertSame([['alongMm' => 151.0, 'acrossMm' => 400.0]], SheetYield::of(700.0, 400.0, 180.0, 120.0)->offcuts());
    }

    /** A millimetre decides: a flaw in the cut costs nothing, one beside it a part. */
    public function testAFlawCostsWhatItMust(): void
    {
        $with = fn (float $along, float $across, float $r): int => SheetYield::of(600.0, 400.0, 180.0, 120.0, [new Flaw($along, $across, $r)])->count();
        self::assertSame(9, $with(181.5, 60.0, 1.5), 'it lies in the kerf');
        self::assertSame(9, $with(575.0, 200.0, 20.0), 'and this one in the offcut');
        self::assertSame(9, $with(200.0, 385.0, 10.0));
        self::assertSame(9, $with(90.0, 60.0, 0.0) + 1, 'a hair in the middle of a part costs one');
        self::assertSame(9, $with(2.0, 60.0, 4.0), 'a strip may begin beyond it: 51 mm are to spare');
    }

    /** Against every place of a coarse grid, one blank after the other: nothing cuts more, and nothing that was cut is flawed. */
    public function testNoPlacingOfStripsCutsMore(): void
    {
        mt_srand(11);
        for ($try = 0; $try < 60; $try++) {
            [$length, $width] = [mt_rand(20, 60) * 10.0, mt_rand(20, 45) * 10.0];
            [$long, $wide] = [mt_rand(7, 16) * 10.0, mt_rand(5, 12) * 10.0];
            $flaws = array_map(fn (): Flaw => new Flaw(mt_rand(0, (int) $length), mt_rand(0, (int) $width), mt_rand(2, 25)), range(1, mt_rand(1, 5)));
            $yield = SheetYield::of($length, $width, $long, $wide, $flaws);
            foreach ($yield->blanks as $i => ['x' => $x, 'y' => $y]) {
                self::assertTrue($x >= 0.0 && $y >= 0.0 && $x + $long <= $length + 1e-6 && $y + $wide <= $width + 1e-6);
                foreach ($flaws as $f) {
                    self::assertFalse($f->rightMm() > $x && $f->leftMm() < $x + $long && $f->bottomMm() > $y && $f->topMm() < $y + $wide, "try {$try}");
                }
                foreach (array_slice($yield->blanks, $i + 1) as $other) {
                    self::assertTrue(abs($x - $other['x']) >= $long + SheetYield::KERF_MM - 1e-6 || abs($y - $other['y']) >= $wide + SheetYield::KERF_MM - 1e-6);
                }
            }
            self::assertGreaterThanOrEqual(self::byEveryMillimetre($length, $width, $long, $wide, $flaws), $yield->count(), "try {$try}");
        }
    }

    /** Weighed resin makes the ply: fibre and resin, each by its density. */
    public function testAPlyIsAsThickAsItsFibreAndItsResin(): void
    {
        $resin = Sample::resin()->rheology;
        $laminate = Laminate::of([[new Weave(200.0), 200.0], [new Weave(200.0), 150.0]], $resin);
        self::assertEqualsWithDelta(200.0 / 1.78 + 200.0 / 1.12 * (1.0 - $resin->shrinkage), $laminate->plies[0]['um'], 1e-9);
        self::assertGreaterThan($laminate->plies[0]['fibreShare'], $laminate->plies[1]['fibreShare'], 'leaner');
        self::assertEqualsWithDelta(array_sum(array_column($laminate->plies, 'um')), $laminate->thicknessUm(), 1e-9);
    }

    /** @param list<Flaw> $flaws */
    private static function byEveryMillimetre(float $length, float $width, float $long, float $wide, array $flaws): int
    {
        $most = array_fill(0, (int) $width + 200, 0);
        for ($y = (int) ($width - $wide); $y >= 0; $y--) {
            $inStrip = array_filter($flaws, fn (Flaw $f): bool => $f->bottomMm() > $y && $f->topMm() < $y + $wide);
            $count = 0;
            for ($x = 0.0; $x + $long <= $length + 1e-6;) {
                $hit = array_filter($inStrip, fn (Flaw $f): bool => $f->rightMm() > $x && $f->leftMm() < $x + $long);
                $count += $hit === [] ? 1 : 0;
                $x += $hit === [] ? $long + SheetYield::KERF_MM : 1.0;
            }
            $most[$y] = max($most[$y + 1], $count + $most[$y + (int) ($wide + SheetYield::KERF_MM)]);
        }

        return $most[0];
    }
}
