<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\GdPhoto;
use OakGloss\Optics\WeavePrint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Thorough;

/** The weave-print meter on rendered patches of which all is known. */
final class WeavePrintTest extends TestCase
{
    /** Dots that a patch of 80 by 60 mm may have: x, y, radius in mm and height. */
    private const DOTS = [[12.0, 9.0, 0.8, 0.35], [40.0, 30.0, 0.5, -0.4], [66.0, 14.0, 1.0, 0.3], [25.0, 47.0, 0.7, 0.4], [58.0, 50.0, 0.9, -0.35]];

    /** @return iterable<string, array{array{float, float}, float, float, float, float, int|null}> amplitudes, angle, shear, noise, fall, quality */
    public static function patches(): iterable
    {
        yield from Thorough::cases(self::everyPatch());
    }

    /** @return iterable<string, array{array{float, float}, float, float, float, float, int|null}> */
    private static function everyPatch(): iterable
    {
        yield 'straight, ±2 %' => [[0.02, 0.0], 0.0, 0.0, 0.02, 0.0, null];
        yield 'turned by 17°' => [[0.02, 0.01], 17.0, 0.0, 0.02, 0.0, null];
        yield 'turned by 45°' => [[0.015, 0.015], 45.0, 0.0, 0.02, 0.0, null];
        yield 'sheared by 20°' => [[0.02, 0.015], 10.0, 20.0, 0.02, 0.0, null];
        yield 'sheared the other way' => [[0.02, 0.015], 63.0, -20.0, 0.03, 0.0, null];
        yield 'in falling light' => [[0.012, 0.018], 30.0, 8.0, 0.02, 0.6, null];
        yield 'faint' => [[0.004, 0.003], 75.0, 0.0, 0.02, 0.3, null];
        yield 'as JPEG of 75' => [[0.02, 0.01], 33.0, 0.0, 0.02, 0.2, 75];
        yield 'as JPEG of 90' => [[0.03, 0.02], 120.0, 5.0, 0.03, 0.0, 90];
        yield 'no weave left' => [[0.0, 0.0], 0.0, 0.0, 0.02, 0.2, null];
    }

    /** @param array{float, float} $amplitudes */
    #[DataProvider('patches')]
    public function testReadsTheWeaveWithinATenth(array $amplitudes, float $angle, float $shear, float $noise, float $fall, ?int $quality): void
    {
        $truth = hypot(...$amplitudes);
        $patch = RenderedPatch::of(800, 600, 0.1, 4.0, $amplitudes, $angle, $shear, $noise, fall: $fall, seed: 7);
        $reading = WeavePrint::of($quality === null ? GdPhoto::of($patch, null) : GdPhoto::read(RenderedPatch::asJpeg($patch, $quality)), 4.0, 0.1);
        self::assertNull($reading->why);
        self::assertEqualsWithDelta($truth, $reading->telegraph, max(0.002, 0.1 * $truth));
        self::assertSame($quality !== null, $reading->isLowerBound);
        if ($quality === null) {
            self::assertEqualsWithDelta($noise, $reading->haze, max(0.002, 0.1 * $noise));
        }
        self::assertLessThan(0.0002, $reading->dotsShare, 'there are none');
    }

    /** @return iterable<string, array{float, int|null}> */
    public static function lights(): iterable
    {
        yield from Thorough::cases(['falling' => [0.6, null], 'even' => [0.0, null], 'as JPEG of 75' => [0.3, 75]]);
    }

    #[DataProvider('lights')]
    public function testCountsTheDotsWhereTheyAre(float $fall, ?int $quality): void
    {
        $patch = RenderedPatch::of(800, 600, 0.1, 4.0, [0.02, 0.02], 20.0, dots: self::DOTS, fall: $fall, seed: 3);
        $reading = WeavePrint::of($quality === null ? GdPhoto::of($patch, null) : GdPhoto::read(RenderedPatch::asJpeg($patch, $quality)), 4.0, 0.1);
        $truth = array_sum(array_map(fn (array $d): float => M_PI * $d[2] ** 2, self::DOTS)) / (80.0 * 60.0);
        self::assertEqualsWithDelta($truth, $reading->dotsShare, 0.15 * $truth);
        foreach (self::DOTS as [$x, $y]) {
            $near = min(array_map(fn (array $d): float => hypot($d['x'] * 0.1 - $x, $d['y'] * 0.1 - $y), $reading->dots));
            self::assertLessThan(0.2, $near, "a dot at {$x}, {$y}");
        }
        self::assertEqualsWithDelta(hypot(0.02, 0.02), $reading->telegraph, 0.1 * hypot(0.02, 0.02), 'dots are no weave');
        if ($quality === null) {
            self::assertEqualsWithDelta(0.02, $reading->haze, 0.002, 'and no haze');
        }
    }

    /** @return iterable<string, array{int, int, \Closure(float, float): float, array{float, float}}> size, light, amplitudes */
    public static function lamps(): iterable
    {
        yield from Thorough::cases(self::everyLamp());
    }

    /** @return iterable<string, array{int, int, \Closure(float, float): float, array{float, float}}> */
    private static function everyLamp(): iterable
    {
        $fallsByHalf = ['evenly' => fn (float $x, float $y): float => 1.25 - 0.5 * $x, 'in shares' => fn (float $x, float $y): float => 0.5 ** $x, 'near a lamp' => fn (float $x, float $y): float => 1.0 / (1.0 + $x * $x), 'from its middle' => fn (float $x, float $y): float => 0.5 ** (4.0 * (($x - 0.5) ** 2 + ($y - 0.5) ** 2))];
        foreach ($fallsByHalf as $how => $light) {
            yield "{$how}, no weave left" => [700, 520, $light, [0.0, 0.0]];
            yield "{$how}, faint" => [1000, 400, $light, [0.004, 0.003]];
            yield "{$how}, plain" => [800, 600, $light, [0.02, 0.01]];
        }
    }

    /**
     * Light that falls by half across a weave of 6 mm is no haze, no weave and no dot.
     *
     * @param \Closure(float, float): float $light
     * @param array{float, float}           $amplitudes
     */
    #[DataProvider('lamps')]
    public function testTakesTheSlowLightOutFirst(int $width, int $height, \Closure $light, array $amplitudes): void
    {
        $patch = RenderedPatch::of($width, $height, 0.1, 6.0, $amplitudes, 23.0, noise: 0.004, mean: 150.0, seed: 9, lamp: $light);
        $reading = WeavePrint::of(GdPhoto::of($patch, null), 6.0, 0.1);
        self::assertNull($reading->why);
        self::assertEqualsWithDelta(0.004, $reading->haze, 0.0004);
        self::assertEqualsWithDelta(hypot(...$amplitudes), $reading->telegraph, max(0.002, 0.1 * hypot(...$amplitudes)));
        self::assertLessThan(0.0002, $reading->dotsShare, 'there are none');
    }

    public function testTakesItsScaleFromTheWeave(): void
    {
        foreach (Thorough::cases([[0.1, 4.0, 33.0], [0.06, 3.0, 10.0], [0.2, 8.0, 70.0]]) as [$scale, $pitch, $angle]) {
            $patch = RenderedPatch::of(900, 700, $scale, $pitch, [0.03, 0.02], $angle, 6.0, seed: 11);
            $reading = WeavePrint::of(GdPhoto::of($patch, null), $pitch);
            self::assertNull($reading->why);
            self::assertEqualsWithDelta($scale, $reading->mmPerPx, 0.02 * $scale);
            self::assertEqualsWithDelta(hypot(0.03, 0.02), $reading->telegraph, 0.1 * hypot(0.03, 0.02));
        }
    }

    public function testALampsEdgeIsNoWeaveAndNoDot(): void
    {
        $patch = RenderedPatch::of(900, 600, 0.1, 4.0, [0.02, 0.02], 20.0, fall: 0.2, lampEdgeMm: 55.0, seed: 5);
        $reading = WeavePrint::of(GdPhoto::of($patch, null), 4.0, 0.1);
        self::assertEqualsWithDelta(hypot(0.02, 0.02), $reading->telegraph, 0.1 * hypot(0.02, 0.02));
        self::assertLessThan(0.0005, $reading->dotsShare);
        self::assertEqualsWithDelta(0.02, $reading->haze, 0.002);
    }

    public function testSaysWhyAPhotoTellsNothing(): void
    {
        $of = fn (\GdImage $patch, ?float $scale = 0.1): ?string => WeavePrint::of(GdPhoto::of($patch, null), 4.0, $scale)->why;
        self::assertSame('dark', $of(RenderedPatch::of(400, 300, 0.1, 4.0, [0.02, 0.01], mean: 8.0)));
        self::assertSame('burnt', $of(RenderedPatch::of(400, 300, 0.1, 4.0, [0.02, 0.01], fall: 0.8, mean: 235.0)));
        self::assertSame('no_scale', $of(RenderedPatch::of(500, 400, 0.1, 4.0, [0.0, 0.0]), null));
        self::assertSame('small', $of(RenderedPatch::of(400, 120, 0.1, 4.0, [0.02, 0.01])));
        self::assertSame('coarse', $of(RenderedPatch::of(400, 300, 1.3, 4.0, [0.02, 0.01]), 1.3));
        $blurred = RenderedPatch::of(500, 400, 0.1, 4.0, [0.02, 0.01], 33.0, dots: [[20.0, 20.0, 0.8, 0.35]]);
        for ($i = 0; $i < 25; $i++) {
            imagefilter($blurred, IMG_FILTER_GAUSSIAN_BLUR);
        }
        self::assertSame('blurred', $of($blurred));
        self::assertNull($of(RenderedPatch::of(500, 400, 0.1, 4.0, [0.0, 0.0])), 'no weave is the goal, not a fault');
    }

    public function testComparesWithItsDoubt(): void
    {
        self::assertSame('better', WeavePrint::compare(0.02, 0.0006, 0.012, 0.0004));
        self::assertSame('worse', WeavePrint::compare(0.004, 0.0002, 0.015, 0.0005));
        self::assertSame('same', WeavePrint::compare(0.0120, 0.0005, 0.0130, 0.0005));
    }

    /** Twelve megapixels, with what the processor needs for it and no more memory than a small host has. */
    public function testALargePhotoIsReadSoonAndSmall(): void
    {
        // Twelve megapixels take long to render: with the others one.
        [$width, $height] = Thorough::isLong() ? [4000, 3000] : [1000, 750];
        $patch = RenderedPatch::of($width, $height, 0.05, 4.0, [0.02, 0.015], 27.0, 6.0, 0.04, fall: 0.3);
        $file = (string) tempnam(sys_get_temp_dir(), 'patch');
        file_put_contents($file, RenderedPatch::asJpeg($patch, 92));
        unset($patch);
        $from = hrtime(true);
        $json = (string) shell_exec(PHP_BINARY.' -d memory_limit=256M artisan gloss:weave-print '.escapeshellarg($file).' --mm-per-px=0.05 --pitch-mm=4');
        $seconds = (hrtime(true) - $from) / 1e9;
        unlink($file);
        $read = json_decode($json, true);
        self::assertTrue($read['usable'] ?? null, $json);
        self::assertEqualsWithDelta(0.025, $read['telegraph'], 0.0025);
        self::assertTrue($read['haze_is_lower_bound']);
        self::assertLessThan(9.0, $seconds, 'some two seconds on a quiet machine');
    }
}
