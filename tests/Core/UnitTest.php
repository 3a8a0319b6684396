<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Quantity\DecimalMark;
use OakGloss\Quantity\NotUnderstood;
use OakGloss\Quantity\Typed;
use OakGloss\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every unit there is, what is typed in them and what is refused. */
final class UnitTest extends TestCase
{
    /** @return iterable<string, array{string, Unit, Unit, float}> what is typed, the unit shown, the unit kept, the value kept */
    public static function typed(): iterable
    {
        $table = [
            ['94', Unit::Gram, Unit::Gram, 94.0], ['94,5', Unit::Gram, Unit::Gram, 94.5], ['.5', Unit::Gram, Unit::Gram, 0.5], ['4', Unit::Ounce, Unit::Gram, 113.3980925],
            ['4 oz', Unit::Gram, Unit::Gram, 113.3980925], ['1 lb 4 oz', Unit::Gram, Unit::Gram, 566.99046], ['0.2kg', Unit::Gram, Unit::Gram, 200.0], ['1 1/2 lb', Unit::Ounce, Unit::Gram, 680.388555],
            ['3 fl oz', Unit::Millilitre, Unit::Millilitre, 88.7206], ['1 qt', Unit::FluidOunce, Unit::Millilitre, 946.352946], ['1 l', Unit::FluidOunce, Unit::Millilitre, 1000.0], ['2 pt', Unit::Litre, Unit::Litre, 0.946352946], ['½ gal', Unit::Litre, Unit::Millilitre, 1892.705892],
            ['18 1/2 in', Unit::Millimetre, Unit::Millimetre, 469.9], ['18½', Unit::Inch, Unit::Millimetre, 469.9], ['1/8"', Unit::Millimetre, Unit::Millimetre, 3.175], ["1' 6\"", Unit::Millimetre, Unit::Millimetre, 457.2], ['2 yd', Unit::Metre, Unit::Metre, 1.8288], ['47 cm', Unit::Inch, Unit::Inch, 18.503937],
            ['65 F', Unit::Celsius, Unit::Celsius, 18.333333], ['65', Unit::Fahrenheit, Unit::Celsius, 18.333333], ['-40 °F', Unit::Celsius, Unit::Celsius, -40.0], ['20 C', Unit::Fahrenheit, Unit::Celsius, 20.0], ['−5', Unit::Celsius, Unit::Celsius, -5.0],
            ['3 mil', Unit::Micrometre, Unit::Micrometre, 76.2], ['3', Unit::Mil, Unit::Micrometre, 76.2], ['0.1 mm', Unit::Mil, Unit::Micrometre, 100.0],
            ['2 ft²', Unit::SquareMetre, Unit::SquareMetre, 0.18580608], ['10 sq in', Unit::SquareCentimetre, Unit::SquareCentimetre, 64.516], ['6 oz/yd²', Unit::GramsASquareMetre, Unit::GramsASquareMetre, 203.434], ['200 gsm', Unit::OuncesASquareYard, Unit::GramsASquareMetre, 200.0],
            ['200 g/m2', Unit::GramsASquareMetre, Unit::GramsASquareMetre, 200.0], ['2 m2', Unit::SquareMetre, Unit::SquareMetre, 2.0], ['55 000', Unit::JoulesAMole, Unit::JoulesAMole, 55000.0], ['55 kJ/mol', Unit::JoulesAMole, Unit::JoulesAMole, 55000.0],
            ["55'000", Unit::JoulesAMole, Unit::JoulesAMole, 55000.0], ['1,07', Unit::GramsACubicCentimetre, Unit::GramsACubicCentimetre, 1.07], ['1.07 kg/l', Unit::GramsACubicCentimetre, Unit::GramsACubicCentimetre, 1.07], ['9 lb/gal', Unit::GramsACubicCentimetre, Unit::GramsACubicCentimetre, 1.078438],
            ['6 h', Unit::Minute, Unit::Minute, 360.0], ['1 h 30', Unit::Minute, Unit::Minute, 90.0], ['1h 30 min', Unit::Minute, Unit::Minute, 90.0], ['7 d', Unit::Minute, Unit::Minute, 10080.0], ['1 week', Unit::Day, Unit::Day, 7.0], ['90', Unit::Minute, Unit::Hour, 1.5],
            ['2 %', Unit::Percent, Unit::Share, 0.02], ['2', Unit::Percent, Unit::Share, 0.02], ['700 mPa·s', Unit::PascalSecond, Unit::PascalSecond, 0.7], ['700 cps', Unit::PascalSecond, Unit::PascalSecond, 0.7], ['1 bar', Unit::Millibar, Unit::Millibar, 1000.0],
            ['1.234,5', Unit::Gram, Unit::Gram, 1234.5], ['1,234.5', Unit::Gram, Unit::Gram, 1234.5], ['1 234,5', Unit::Gram, Unit::Gram, 1234.5], ['1.234.567', Unit::Gram, Unit::Gram, 1234567.0], ['1 250,125 g', Unit::Gram, Unit::Gram, 1250.125], ['0,125', Unit::Gram, Unit::Gram, 0.125],
        ];
        foreach ($table as $row) {
            yield "{$row[0]} where {$row[1]->value} is shown, {$row[2]->value} kept" => $row;
        }
    }

    #[DataProvider('typed')]
    public function testWhatIsTypedIsUnderstood(string $text, Unit $shown, Unit $kept, float $value): void
    {
        self::assertEqualsWithDelta($value, Typed::read($text, $shown, $kept), abs($value) * 1e-5);
    }

    /** @return iterable<string, array{string, Unit, string}> */
    public static function refused(): iterable
    {
        $table = [
            ['4 stone', Unit::Gram, 'no_unit'], ['4 oz', Unit::Millilitre, 'other_measure'], ['3 fl oz', Unit::Gram, 'other_measure'], ['5 mm', Unit::Celsius, 'other_measure'], ['1,500', Unit::Gram, 'two_ways'],
            ['18 1/0 in', Unit::Millimetre, 'no_number'], ['12 34', Unit::Gram, 'no_number'], ['4 oz 3', Unit::Gram, 'no_number'], ['20 C 3 F', Unit::Celsius, 'no_number'],
        ];
        foreach ($table as $row) {
            yield "{$row[0]} for {$row[1]->value}" => $row;
        }
    }

    #[DataProvider('refused')]
    public function testWhatIsNoQuantityHereIsRefusedByName(string $text, Unit $shown, string $why): void
    {
        try {
            self::assertNull(Typed::read($text, $shown, $shown), 'read as '.json_encode(Typed::read($text, $shown, $shown)));
            self::fail('taken for nothing');
        } catch (NotUnderstood $e) {
            self::assertSame($why, $e->why);
            self::assertContains($shown->value, $e->units());
        }
    }

    /** By what a person says of their figures; who says nothing is asked. */
    public function testACommaBeforeThreeDigitsIsReadByThePersonsOwnWayOrAsked(): void
    {
        $read = fn (string $text, DecimalMark $mark): ?float => Typed::read($text, Unit::Gram, Unit::Gram, $mark);
        self::assertSame([1500.0, 1.5, 1.5], [$read('1,500', DecimalMark::Point), $read('1,500', DecimalMark::Comma), $read('1.500', DecimalMark::Unsaid)]);
        self::assertSame([1500.0, 1500.0, 0.5], [$read('1,500.0', DecimalMark::Comma), $read('1 500', DecimalMark::Comma), $read('0.500', DecimalMark::Comma)]);
        foreach ([['1,500', DecimalMark::Unsaid], ['1.500', DecimalMark::Comma]] as [$text, $mark]) {
            try {
                self::fail("{$text} read as ".$read($text, $mark));
            } catch (NotUnderstood $e) {
                self::assertSame('two_ways', $e->why);
            }
        }
    }

    public function testAFieldWithoutAUnitTakesItsLabelBehindTheNumberAndNothingElse(): void
    {
        self::assertSame([12.0, 0.5, 55000.0, 3.0, null], [Typed::figure('12 pieces', 'pieces'), Typed::figure('1/2'), Typed::figure('55 000'), Typed::figure('3 parts', 'parts by volume'), Typed::figure('twelve')]);
        $this->expectExceptionMessage('only_number: apples');
        Typed::figure('12 apples', 'pieces');
    }

    public function testWhatIsNoFigureIsLeftToTheField(): void
    {
        foreach (['', 'abc', 'oz 4', '/', '-'] as $text) {
            self::assertNull(Typed::read($text, Unit::Gram, Unit::Gram), $text);
        }
    }

    public function testEveryUnitIsWrittenAndReadAndTurnedBack(): void
    {
        foreach (Unit::cases() as $unit) {
            self::assertSame($unit, Unit::written($unit->value));
            foreach (Unit::of($unit->measure()) as $other) {
                self::assertEqualsWithDelta(17.3, $other->to($unit, $unit->to($other, 17.3)), 1e-9, "{$unit->value} and {$other->value}");
            }
            self::assertSame($unit->us(), $unit->us()->us());
            self::assertSame($unit->measure(), $unit->us()->measure());
        }
        self::assertSame(212.0, Unit::Celsius->to(Unit::Fahrenheit, 100.0));
        $this->expectException(\LogicException::class);
        Unit::Gram->to(Unit::Millilitre, 1.0);
    }
}
