<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Cost\Bill;
use OakGloss\Cost\BillLine;
use OakGloss\Cost\CostKind;
use OakGloss\Cost\Difference;
use PHPUnit\Framework\TestCase;

/** Bills of a part, and why two of them differ. */
final class BillTest extends TestCase
{
    private static function line(CostKind $kind, string $key, float $quantity, int $price, float $pack = 100.0, bool $isRescue = false): BillLine
    {
        return new BillLine($kind, $key, $key, $quantity, 'g', $pack, $price, $isRescue);
    }

    public function testABillEqualsItsLinesAndComesBackAsItWasKept(): void
    {
        $bill = new Bill([
            self::line(CostKind::Material, 'resin', 94.3, 3290), self::line(CostKind::Material, 'cloth', 0.42, 24900, 10.0),
            self::line(CostKind::Hands, 'hands', 187.5, 4400, 60.0), self::line(CostKind::Place, 'booth', 40.0, 1800, 60.0), self::line(CostKind::Coat, 'coats', 5.0, 190, 1.0),
        ], 8.0, 18.0, 20.0);
        // 3102.47 → 3102, 1045.8 → 1046; 8 % of 4148 = 331.84 → 332; 13750 + 1200 + 950.
        self::assertSame([3102, 1046], $bill->sums->materialsMinor);
        self::assertSame([332, 20380, 3668, 24048, 4810, 28858], [$bill->sums->wasteMinor, $bill->sums->costMinor, $bill->sums->marginMinor, $bill->sums->netMinor, $bill->sums->taxMinor, $bill->sums->totalMinor]);
        self::assertSame(array_sum(array_map(fn (BillLine $l): int => $l->minor(), $bill->lines)) + 332, $bill->sums->costMinor);
        self::assertEquals($bill, Bill::read(json_decode((string) json_encode($bill->data()), true)));
        self::assertSame(187.5, $bill->handsMin());
    }

    public function testEachCauseIsNamed(): void
    {
        $quoted = new Bill([self::line(CostKind::Material, 'resin', 100.0, 3000), self::line(CostKind::Hands, 'build', 60.0, 4000, 60.0), self::line(CostKind::Place, 'booth', 30.0, 2000, 60.0)], 0.0, 0.0, 0.0);
        $actual = new Bill([
            self::line(CostKind::Material, 'resin', 120.0, 4000), self::line(CostKind::Hands, 'build', 90.0, 4000, 60.0), self::line(CostKind::Hands, 'build:rescue', 15.0, 4000, 60.0, true),
            self::line(CostKind::Material, 'wax', 10.0, 500),
        ], 0.0, 0.0, 0.0);
        $difference = Difference::between($quoted, $actual);
        self::assertSame(['rescue' => 1000, 'grams' => 600, 'hours' => 2000, 'price' => 1200, 'new' => 50, 'left_out' => -1000], $difference->byCause);
        self::assertSame(3850, $difference->costMinor);
    }

    public function testCausesSumUpToTheDifferenceWhateverChanged(): void
    {
        mt_srand(16);
        $kinds = CostKind::cases();
        for ($i = 0; $i < 300; $i++) {
            $bills = array_map(function () use ($kinds): Bill {
                $lines = [];
                foreach (range(0, 9) as $n) {
                    if (mt_rand(0, 3) > 0) {
                        $lines[] = self::line($kinds[$n % 4], "line-{$n}", mt_rand(0, 90000) / 100.0, mt_rand(0, 9000), mt_rand(1, 1000) / 3.0, $n === 7);
                    }
                }

                return new Bill($lines, mt_rand(0, 200) / 10.0, 12.5, 20.0);
            }, [0, 1]);
            $difference = Difference::between(...$bills);
            self::assertSame($difference->costMinor, array_sum($difference->byCause));
            self::assertSame($bills[0]->sums->costMinor === 0 ? 0 : $bills[0]->sums->netMinor, array_sum($bills[0]->asked()), 'what is asked sums up to the net');
        }
        self::assertSame([], Difference::between($bills[0], $bills[0])->byCause);
    }
}
