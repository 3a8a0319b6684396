<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Stock\Draw;
use OakGloss\Stock\Lot;
use OakGloss\Stock\Need;
use OakGloss\Stock\Outlook;
use PHPUnit\Framework\TestCase;

/** Lots, needs and what they come to. */
final class StockTest extends TestCase
{
    public function testTheFirstToExpireGoesFirstAndAnOldOneLast(): void
    {
        $lots = [new Lot(1, 100.0), new Lot(2, 50.0, 2000.0), new Lot(3, 30.0, 900.0), new Lot(4, 40.0, 2000.0)];
        self::assertSame([2 => 50.0, 4 => 10.0], Draw::of($lots, new Need(1000.0, 60.0))->taken);
        $all = Draw::of($lots, new Need(1000.0, 230.0));
        self::assertSame([2 => 50.0, 4 => 40.0, 1 => 100.0, 3 => 30.0], $all->taken);
        self::assertSame(10.0, $all->missing);
        self::assertSame(40.0, Draw::of($lots, new Need(1000.0, 230.0), false)->missing, 'nothing of an old lot is planned with');
        // On its last good minute it is good.
        self::assertSame([3 => 5.0], Draw::of($lots, new Need(900.0, 5.0))->taken);
    }

    public function testAPieceOfClothComesOffTheNarrowestThatItFitsOnInOnePiece(): void
    {
        $lots = [new Lot(1, 20.0, null, 1000.0), new Lot(2, 0.6, null, 400.0), new Lot(3, 0.9, null, 500.0)];
        self::assertSame([2 => 0.5], Draw::of($lots, new Need(0.0, 0.5, '', 380.0))->taken);
        self::assertSame([3 => 0.8], Draw::of($lots, new Need(0.0, 0.8, '', 380.0))->taken, 'too short for the narrowest');
        self::assertSame([1 => 0.5], Draw::of($lots, new Need(0.0, 0.5, '', 501.0))->taken);
        self::assertSame(30.0, Draw::of($lots, new Need(0.0, 30.0, '', 300.0))->missing, 'two rolls are not sewn together');
    }

    public function testWhatIsMissingIsMissedWhenItIsNeeded(): void
    {
        $lots = [new Lot(1, 100.0, 500.0), new Lot(2, 30.0)];
        $needs = [new Need(900.0, 60.0, 'W'), new Need(100.0, 40.0, 'Q'), new Need(950.0, 5.0, 'E')];
        $outlook = Outlook::of($lots, $needs, 0.0, 1000.0);
        self::assertSame([130.0, 130.0, 105.0], [$outlook->left, $outlook->good, $outlook->reserved]);
        self::assertSame('W', $outlook->firstMiss?->for, 'the first lot has expired by then');
        self::assertSame(35.0, $outlook->missing);
        self::assertSame([1 => 60.0], $outlook->wasted);
        self::assertSame(25.0, $outlook->free());
        self::assertNull(Outlook::of($lots, [new Need(100.0, 130.0)], 0.0, 0.0)->firstMiss);
    }

    public function testWhatIsTakenAndWhatIsMissingAddUpWhateverLies(): void
    {
        mt_srand(2027);
        for ($i = 0; $i < 400; $i++) {
            $lots = [];
            for ($n = mt_rand(0, 6); $n > 0; $n--) {
                $lots[] = new Lot($n, mt_rand(0, 500) / 10.0, mt_rand(0, 1) === 1 ? (float) mt_rand(0, 2000) : null);
            }
            $need = new Need((float) mt_rand(0, 2000), mt_rand(0, 1500) / 10.0);
            $draw = Draw::of($lots, $need);
            self::assertEqualsWithDelta($need->quantity, array_sum($draw->taken) + $draw->missing, 1e-5);
            foreach ($draw->taken as $id => $quantity) {
                $lot = array_values(array_filter($lots, fn (Lot $l): bool => $l->id === $id))[0];
                self::assertLessThanOrEqual($lot->left + 1e-9, $quantity);
                self::assertGreaterThan(0.0, $quantity);
            }
            // Nothing is missing while something is left that may be taken.
            $left = array_sum(array_map(fn (Lot $l): float => $l->left, $lots)) - array_sum($draw->taken);
            self::assertTrue($draw->missing === 0.0 || $left < 1e-4);
            $late = Outlook::of($lots, [$need], 0.0, 3000.0);
            self::assertGreaterThanOrEqual($draw->missing - 1e-6, $late->missing);
        }
    }
}
