<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Devices\ScaleLines;
use OakGloss\Mixing\ScaleMark;
use OakGloss\Mixing\ScaleReading;
use OakGloss\Mixing\ScaleState;
use OakGloss\Mixing\ScaleWatch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScaleTest extends TestCase
{
    /** As several scales would send it: with and without a word for rest, CR LF, LF, noise and half lines between. */
    private const STREAMS = [
        'plain grams' => ["0.0 g\r\n3.2 g\r\n12.4 g\r\n", [0.0, 3.2, 12.4], [null, null, null]],
        'with rest and motion' => ["~ 3.20 g\n= 12.41 g\n", [3.2, 12.41], [false, true]],
        'words and commas' => ["ST,+00012.4 g\r\nUS,-00000.3 g\r\n", [12.4, -0.3], [true, false]],
        'kilograms, word behind' => ["+ 0.0124 kg S\r", [12.4], [true]],
        'noise and a half line before' => ["4 g\xFF\xFE\r\n\x00\x81zz\r\n  7.5 g\r\n7.5 volts\r\n8,1 g\n", [7.5, 8.1], [null, null]],
        'too much, then back' => ["OVER\r\n------\r\n 41.0 g\r\n", [null, null, 41.0], [null, null, null]],
    ];

    /** @return iterable<string, array{string, list<float|null>, list<bool|null>}> */
    public static function streams(): iterable
    {
        yield from self::STREAMS;
    }

    /**
     * Wherever a stream is cut, the same readings come of it.
     *
     * @param list<float|null> $grams
     * @param list<bool|null>  $atRest
     */
    #[DataProvider('streams')]
    public function testAStreamReadsTheSameWhereverItIsCut(string $stream, array $grams, array $atRest): void
    {
        for ($cut = 0; $cut <= strlen($stream); $cut++) {
            $lines = new ScaleLines();
            $read = [...$lines->read(substr($stream, 0, $cut), 1.0), ...$lines->read(substr($stream, $cut), 2.0)];
            self::assertSame($grams, array_map(fn (ScaleReading $r): ?float => $r->grams, $read), "cut at {$cut}");
            self::assertSame($atRest, array_map(fn (ScaleReading $r): ?bool => $r->isAtRest, $read), "cut at {$cut}");
        }
        $lines = new ScaleLines();
        $byByte = array_merge(...array_map(fn (string $byte): array => $lines->read($byte, 1.0), str_split($stream)));
        self::assertSame($grams, array_map(fn (ScaleReading $r): ?float => $r->grams, $byByte), 'byte by byte');
    }

    public function testNoiseWithoutAnEndIsNotKept(): void
    {
        $lines = new ScaleLines();
        for ($i = 0; $i < 50; $i++) {
            self::assertSame([], $lines->read(str_repeat("\x93", 200), 1.0));
        }
        self::assertSame(1, $lines->noise);
        self::assertSame([], $lines->read('132.4 ', 2.0));
        $read = $lines->read("g\n5.0 g\n", 2.0);
        self::assertSame([5.0], array_map(fn (ScaleReading $r): ?float => $r->grams, $read), 'its end is no weight, the next line is one');
    }

    public function testTheEndOfALineIsNoWeight(): void
    {
        foreach (['132.4 g', '2.4 g', ' g', ''] as $end) {
            $read = (new ScaleLines(null))->read("{$end}\r\n132.6 g\r\n", 1.0);
            self::assertSame([132.6], array_map(fn (ScaleReading $r): ?float => $r->grams, $read));
        }
    }

    public function testAMarkIsRightFromHalfAStepUnderToAQuarterOfWhatTheRatioBears(): void
    {
        $mark = new ScaleMark(132.4, 0.1);
        self::assertEqualsWithDelta(119.16, $mark->slowFromG(), 1e-9);
        foreach ([[132.3, false, false], [132.35, true, false], [133.0, true, false], [133.1, false, true]] as [$g, $right, $over]) {
            self::assertSame([$right, $over], [$mark->isRight($g), $mark->isOver($g)], (string) $g);
        }
        $few = new ScaleMark(4.0, 0.1);
        self::assertSame([2.0, 4.1], [$few->slowFromG(), $few->overFromG()], 'two grams at least, one step at least');
        self::assertSame(0.0, (new ScaleMark(1.2, 0.1))->slowFromG());
    }

    /** @return iterable<string, array{list<array{float, float|null}>, float, ScaleState}> seconds and grams, now, what it is */
    public static function watched(): iterable
    {
        yield 'nothing heard' => [[], 0.0, ScaleState::Lost];
        yield 'silent for over two seconds' => [[[0.0, 5.0], [0.5, 5.0], [1.0, 5.0]], 3.1, ScaleState::Lost];
        yield 'still pouring' => [[[0.0, 5.0], [0.5, 6.0], [1.0, 7.2]], 1.1, ScaleState::Moving];
        yield 'at rest for a second' => [[[0.0, 7.2], [0.5, 7.2], [1.0, 7.3]], 1.1, ScaleState::AtRest];
        yield 'at rest, but shorter' => [[[0.0, 7.2], [0.3, 7.2], [0.6, 7.2]], 0.7, ScaleState::Moving];
        yield 'two readings are no rest' => [[[0.0, 7.2], [1.5, 7.2]], 1.6, ScaleState::Moving];
        yield 'creeping' => [[[0.0, 7.0], [0.5, 7.1], [1.0, 7.2], [1.5, 7.3]], 1.6, ScaleState::Moving];
        yield 'the cup lifted' => [[[0.0, 7.0], [0.5, -61.0]], 0.6, ScaleState::Negative];
        yield 'bumped' => [[[0.0, 7.0], [0.5, 90.0], [1.0, 9.0]], 1.1, ScaleState::Jumped];
        yield 'bumped, and at rest again' => [[[0.0, 7.0], [0.5, 90.0], [1.0, 9.0], [1.5, 9.0], [2.0, 9.0]], 2.1, ScaleState::AtRest];
        yield 'too much on it' => [[[0.0, 7.0], [0.5, null]], 0.6, ScaleState::Over];
    }

    /** @param list<array{float, float|null}> $seen */
    #[DataProvider('watched')]
    public function testAWeightIsTakenAtRestAlone(array $seen, float $now, ScaleState $is): void
    {
        $watch = ScaleWatch::of(array_map(fn (array $s): ScaleReading => new ScaleReading($s[0], $s[1], isOver: $s[1] === null), $seen), $now, 0.1);
        self::assertSame($is, $watch->state);
        self::assertSame($is === ScaleState::AtRest, $watch->restSinceS !== null);
    }

    public function testWhatTheScaleCallsMovingIsNotAtRest(): void
    {
        $readings = array_map(fn (float $at): ScaleReading => new ScaleReading($at, 4.0, false), [0.0, 0.5, 1.0, 1.5]);
        self::assertSame(ScaleState::Moving, ScaleWatch::of($readings, 1.6, 0.1)->state);
    }
}
