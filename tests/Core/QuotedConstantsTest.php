<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Tools\QuotedConstants;

/** A page of docs/models says what the code reckons with. */
final class QuotedConstantsTest extends TestCase
{
    public function testEveryPageIsWrittenFromItsConstants(): void
    {
        $quoted = new QuotedConstants(dirname(__DIR__, 2));
        $count = 0;
        foreach ($quoted->pages() as $path) {
            $page = (string) file_get_contents($path);
            self::assertSame($quoted->renewed($page), $page, basename($path).': run ./oak docs');
            $count += QuotedConstants::count($page);
        }
        self::assertGreaterThan(60, $count);
    }

    public function testAFigureFollowsItsConstantAndAConstantThatIsNoneIsNamed(): void
    {
        $quoted = new QuotedConstants(dirname(__DIR__, 2));
        self::assertSame('less than 3<!--DewPoint::MARGIN_C--> °C', $quoted->renewed('less than 7.5<!--DewPoint::MARGIN_C--> °C'));
        self::assertSame('30<!--DefectPlace::PLACE_SHARE*100--> %', $quoted->renewed('1<!--DefectPlace::PLACE_SHARE*100--> %'));
        $this->expectExceptionMessage('DewPoint::NONE');
        $quoted->renewed('7<!--DewPoint::NONE-->');
    }

    /** The table of docs/models/cause.md says each ramp of the signs, and none that is not. */
    public function testTheTableOfCausesHoldsEveryRamp(): void
    {
        preg_match_all('/self::ramp\([^;]*?, (-?[\d.]+), (-?[\d.]+), ([\d.]+), ([\d.]+)\)/', (string) file_get_contents(dirname(__DIR__, 2).'/core/Inspection/Signs.php'), $ramps, PREG_SET_ORDER);
        $page = str_replace('−', '-', (string) file_get_contents(dirname(__DIR__, 2).'/docs/models/cause.md'));
        preg_match_all('/([\d.]+) up to (-?[\d.]+) → ([\d.]+) from (-?[\d.]+)/u', $page, $said, PREG_SET_ORDER);
        $of = fn (array $r): string => implode(' ', array_map(floatval(...), [$r[1], $r[2], $r[3], $r[4]]));
        $ramps = array_values(array_unique(array_map(fn (array $r): string => $of([0, $r[3], $r[1], $r[4], $r[2]]), $ramps)));
        $said = array_values(array_unique(array_map($of, $said)));
        sort($ramps);
        sort($said);
        self::assertGreaterThan(25, count($ramps));
        self::assertSame($ramps, $said);
    }
}
